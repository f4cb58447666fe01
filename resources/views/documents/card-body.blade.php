@php($supply = Underpin\Sizing\Supply::of($file->generator))
@php($shop = $job->shop)
@php($several = count($file->service->panels) > 1)
<article class="card-sheet">
    <header class="card-top"><h2>When the power is out</h2><p>{{ $file->name }}{{ $file->client->address ? ' · '.$file->client->address : '' }}{{ $supply ? ' · '.$supply->words() : '' }}</p>
        <p class="card-numbers"><b>Emergency: 911</b> · Electrician: {{ $shop->name }}, {{ $shop->phone ?: '________________' }} · Utility: {{ $file->client->utilityPhone ?: '________________' }} · Made {{ now()->format('M j, Y') }}</p></header>
    @if ($card->gaps !== [])
        <div class="card-draft">
            <b>Draft: do not hand over yet.</b>
            <ul>@foreach (array_slice($card->gaps, 0, 4) as $gap)<li>@isset($mend)<a href="{{ $mend($gap) }}">{{ $gap->what }}</a>@else{{ $gap->what }}@endisset</li>@endforeach</ul>
            @if (count($card->gaps) > 4)<p>And {{ count($card->gaps) - 4 }} more among the findings of this job.</p>@endif
        </div>
    @endif
    <ul class="card-cautions">@foreach ($card->cautions as $caution)<li>{{ $caution }}</li>@endforeach</ul>
    <table class="card-columns"><tr><td class="card-left">
        @if ($card->before !== [])
            <h3>Before there is an outage</h3>
            <ul>@foreach ($card->before as $look)<li>{{ $look }}</li>@endforeach</ul>
        @endif
        <h3>To the generator</h3>
        <ol>@foreach ($card->toGenerator as $step)<li>{{ $step->do }}@if ($step->because) <small>{{ $step->because }}</small>@endif</li>@endforeach</ol>
        @if ($card->running !== [])
            <h3>While it runs</h3>
            <ul>@foreach ($card->running as $step)<li>{{ $step->do }}</li>@endforeach</ul>
        @endif
        <h3>The power is back when</h3>
        <ul>@foreach ($card->signs as $sign)<li>{{ $sign }}</li>@endforeach</ul>
        <h3>Back to the utility</h3>
        <ol>@foreach ($card->back as $step)<li>{{ $step->do }}@if ($step->because) <small>{{ $step->because }}</small>@endif</li>@endforeach</ol>
    </td><td class="card-right">
        <h3>Turn on in this order</h3>
        <table class="card-list">
            <thead><tr><th></th><th>{{ $card->throws }}</th><th>What</th><th>Then wait</th></tr></thead>
            <tbody>@forelse ($card->start as $i => $row)<tr><td class="n"><span class="mark-order">{{ $i + 1 }}</span></td><td class="space">{{ $row->thrown() }}@if ($row->places === [] && $several)<small>{{ $row->panel }}</small>@endif</td><td>{{ $row->name }}</td><td class="wait">{{ $row->waitWords() }}</td></tr>@empty<tr><td colspan="4">Nothing is marked yet.</td></tr>@endforelse</tbody>
        </table>
        @if ($card->room !== [])
            <h3>Then, if you need them</h3>
            <p class="card-room"><span class="mark-room">as you need</span><br>@foreach ($card->room as $row)<span><b>{{ $row->label }}</b>@if ($several) <small>{{ $row->panel }}</small>@endif {{ $row->name }}, wait {{ $row->waitWords() }}</span>@if (! $loop->last)<br>@endif @endforeach</p>
        @endif
        @if ($card->leaveOff !== [])
            <h3>Leave off</h3>
            <p class="card-off"><span class="mark-off">never</span> @foreach ($card->leaveOff as $row)<span>{{ $row->label }}@if ($several) <small>{{ $row->panel }}</small>@endif {{ $row->name }}</span>@if (! $loop->last); @endif @endforeach</p>
        @endif
    </td></tr></table>
    @if ($card->toGenerator !== [])
        <p class="card-practice">One card hangs at the panel, one where the generator is plugged in or stands. Practised, twice a year: ____________ in ____ min, by ____________ · ____________ in ____ min, by ____________</p>
    @endif
    <footer class="card-foot">Made from the survey and figures of this job. A licensed electrician and the local authority{{ $file->authority->rules->authority ? ' ('.$file->authority->rules->authority.')' : '' }} decide; this card does not say that anything is safe to energize. {{ $file->authority->rules->edition }}{{ $file->authority->rules->dated ? ', local rules as of '.$file->authority->rules->dated : '' }}{{ $file->authority->rules->who ? '. Work: '.$file->authority->rules->who : '' }}.</footer>
</article>
