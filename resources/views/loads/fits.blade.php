@php($fit = $screen->design()->fit())
@php($margin = $screen->job->generator->marginPct)
<div id="part-fits">
    @if ($fit?->verdict === Underpin\Sizing\Verdict::Short && $fit->plan->must !== [])
        @php($set = $fit->together())
        @php($missing = $fit->plan->missingWords())
        <div class="does-not-fit" role="status">
            <p><b>Does not fit the {{ $fit->supply->words() }}.</b> {{ $fit->words()->headline() }}</p>
            @if ($set->waiting !== [])<p><b>Leave off first:</b> {{ Underpin\Say::list(array_map(fn ($c) => $c->title(), $set->waiting), 5) }}. {{ $missing === '' ? 'What stays fits together.' : "Whether what stays fits is not known: $missing." }}</p>@endif
            @if ($set->medicalWaiting !== [])<p><b>Medical, and without room:</b> {{ Underpin\Say::list(array_map(fn ($c) => $c->title(), $set->medicalWaiting), 5) }}. It needs a larger machine or another source.</p>@endif
            <p><b>Or pick</b> {{ Underpin\Sizing\MachineClass::of($fit->plan, $margin)->words() }}. A margin of {{ Underpin\Say::pct($margin) }} is in it. <a href="{{ $screen->links->to(Underpin\StageKey::Size) }}">Machines</a></p>
        </div>
    @elseif ($fit === null && $screen->design()->plan()->running->worstAmps() > 0)
        <p class="asks-for">It asks for {{ Underpin\Sizing\MachineClass::of($screen->design()->plan(), $margin)->words() }}. A margin of {{ Underpin\Say::pct($margin) }} is in it. <a href="{{ $screen->links->to(Underpin\StageKey::Size) }}">Which machine holds</a></p>
    @endif
</div>
