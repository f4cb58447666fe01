@php($fit = $screen->design()->fit())
@php($margin = $screen->job->generator->marginPct)
<div id="part-fits">
    @if ($fit?->verdict === Underpin\Sizing\Verdict::Short && $fit->plan->must !== [])
        @php($waiting = $fit->together()->waiting)
        <div class="does-not-fit" role="status">
            <p><b>Does not fit the {{ $fit->supply->words() }}.</b> {{ $fit->headline() }}</p>
            @if ($waiting !== [])<p><b>Leave off first:</b> {{ Underpin\Say::list(array_map(fn ($c) => $c->title(), $waiting), 5) }}. What stays fits together.</p>@endif
            <p><b>Or pick</b> {{ Underpin\Sizing\MachineClass::of($fit->plan, $margin)->words() }}, with {{ Underpin\Say::pct($margin) }} margin. <a href="{{ $screen->links->to(Underpin\StageKey::Size) }}">Machines</a></p>
        </div>
    @elseif ($fit === null && $screen->design()->plan()->running->worstAmps() > 0)
        <p class="asks-for">It asks for {{ Underpin\Sizing\MachineClass::of($screen->design()->plan(), $margin)->words() }}, with {{ Underpin\Say::pct($margin) }} margin. <a href="{{ $screen->links->to(Underpin\StageKey::Size) }}">Which machine holds</a></p>
    @endif
</div>
