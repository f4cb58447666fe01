<header class="card-top"><h2>When the power is out</h2><p>{{ $contents->line }}</p>
    <p class="card-numbers"><b>Emergency: 911</b>{{ $contents->numbers }}</p></header>
@if ($contents->card->gaps !== [])
    <div class="card-draft">
        <b>Draft: do not hand over yet.</b>
        <ul>@foreach ($contents->gaps() as $i => $gap)<li>@isset($mend)<a href="{{ $mend($contents->card->gaps[$i]) }}">{{ $gap }}</a>@else{{ $gap }}@endisset</li>@endforeach</ul>
        @if ($contents->moreGaps() > 0)<p>And {{ $contents->moreGaps() }} more among the findings of this job.</p>@endif
    </div>
@endif
<ul class="card-cautions">@foreach ($contents->card->cautions as $caution)<li>{{ $caution }}</li>@endforeach</ul>
