<div id="part-sums" class="sums" role="group" aria-label="Sums by leg">
    @foreach (Underpin\Loads\RoleSums::of($screen->design()->plan()) as $sum)<p class="sum"><span class="role-chip" data-role="{{ $sum->role->value }}">{{ $sum->role->words() }}</span> <span>{{ $sum->count }}</span> <span>{{ number_format($sum->watts) }} <i>W</i></span> <span><i>leg A</i> {{ number_format($sum->legs->aAmps, 1) }} <i>A</i></span> <span><i>leg B</i> {{ number_format($sum->legs->bAmps, 1) }} <i>A</i></span>@if ($sum->open > 0) <span><i>{{ $sum->open }} without figures</i></span>@endif</p>@endforeach
</div>
