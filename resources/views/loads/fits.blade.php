@php($fit = $screen->design()->fit())
@php($plan = $fit->plan ?? $screen->design()->plan())
@php($class = Underpin\Sizing\MachineClass::of($plan, $screen->job->generator->marginPct))
<div id="part-fits">
    @if ($fit?->verdict === Underpin\Sizing\Verdict::Short && $plan->must !== [])
        @php($waiting = $fit->together()->waiting)
        <div class="does-not-fit" role="status">
            <p><b>Does not fit the {{ $fit->supply->words() }}.</b> {{ $fit->headline() }}</p>
            @if ($waiting !== [])<p><b>Leave off first:</b> {{ Underpin\Say::list(array_map(fn ($c) => $c->title(), $waiting), 5) }}. What stays fits together.</p>@endif
            <p><b>Or pick</b> {{ $class->words() }}, with {{ Underpin\Say::pct($screen->job->generator->marginPct) }} margin. <a href="{{ $screen->links->to(Underpin\StageKey::Size) }}">Machines</a></p>
        </div>
    @elseif ($fit === null && $plan->must !== [] && $class->runW > 0)
        <p class="asks-for">It asks for {{ $class->words() }}, with {{ Underpin\Say::pct($screen->job->generator->marginPct) }} margin. <a href="{{ $screen->links->to(Underpin\StageKey::Size) }}">Which machine holds</a></p>
    @endif
</div>
