@php($list = $screen->page->work($screen)->list)
@php($next = $list->next())
@php($done = count($list->standing(Underpin\Checklist\StepState::Done)))
@php($out = $list->standing(Underpin\Checklist\StepState::Out))
<div id="part-progress" class="work-progress">
    <progress max="{{ max(1, count($list->steps)) }}" value="{{ $done }}" aria-label="Steps done"></progress>
    <p><b class="mono">{{ $done }}</b> of <span class="mono">{{ count($list->steps) }}</span> steps done.
        @if ($out !== [])<b class="late">A reading is out of range: what follows waits.</b> <a href="#step-{{ $out[0]->key }}">{{ $out[0]->group }}</a>
        @elseif ($next !== null) Next: <a href="#step-{{ $next->key }}">{{ $next->group }}</a>@endif</p>
</div>
