<section id="part-group-{{ $n }}" class="work-group">
    <details @if ($open) open @endif data-group><summary><span>{{ $group->title }}</span> <small class="mono {{ $group->isDone() ? 'is-done' : '' }}">{{ $group->done }} of {{ count($group->steps) }}</small></summary>
    @php($first = $work->firstBefore($group))
    @if ($first !== null)<p class="step-waits">Waits for: <a href="#step-{{ $first->key }}">{{ $first->group }}: {{ Illuminate\Support\Str::limit($first->text, 90) }}</a></p>@endif
    @foreach ($group->steps as $step)
@include('work.step')
    @endforeach
    </details>
</section>
