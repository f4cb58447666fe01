@props(['screen', 'at'])
<nav class="chips" aria-label="Ways to know the loads">
    @foreach (['list' => ['List', $screen->links->to(Underpin\StageKey::Loads)], 'measure' => ['Measure', route('jobs.recordings', $screen->row->id)], 'demand' => ['Calculate', route('jobs.demand', $screen->row->id)], 'intervals' => ['Utility data', route('jobs.intervals', $screen->row->id)], 'schools' => ['Compare', route('jobs.schools', $screen->row->id)]] as $key => [$name, $to])
        <a href="{{ $to }}" @if ($at === $key) aria-current="true" @endif>{{ $name }}</a>
    @endforeach
</nav>
