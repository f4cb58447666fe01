@props(['panel', 'screen'])
@php($board = new App\Drawings\PanelBoard($panel, $screen->design()))
<figure class="board" data-board>
    <svg viewBox="0 0 {{ $board::WIDTH }} {{ $board->height() }}" role="group" aria-label="{{ $panel->name }}, {{ $panel->spaces }} spaces">
        <rect class="board-case" x="1" y="1" width="638" height="{{ $board->height() - 2 }}" rx="12"/>
        @if ($panel->mainAmps)
            <rect class="main" x="216" y="18" width="208" height="56" rx="5"/>
            <text class="main-text" x="320" y="42" text-anchor="middle">MAIN {{ $panel->mainAmps }} A</text>
            <text class="main-small" x="320" y="62" text-anchor="middle">lugs above stay live</text>
        @else
            <rect class="main main-none" x="216" y="18" width="208" height="56" rx="5"/>
            <text class="main-small dark" x="320" y="50" text-anchor="middle">no main breaker in this panel</text>
        @endif
        @foreach ($board->rows() as $row)
            @if ($row['leg']->value === 'A')<rect class="band-a" x="4" y="{{ $row['box']->y }}" width="632" height="{{ $row['box']->h }}"/>
            @else<rect fill="url(#band-b)" x="4" y="{{ $row['box']->y }}" width="632" height="{{ $row['box']->h }}"/>@endif
            <text class="space-no" x="34" y="{{ $row['box']->middle() + 5 }}" text-anchor="end">{{ $row['odd'] }}</text>
            <text class="space-no" x="606" y="{{ $row['box']->middle() + 5 }}">{{ $row['even'] }}</text>
            <text class="leg-letter" data-leg="{{ $row['leg']->value }}" x="320" y="{{ $row['box']->middle() + 5 }}" text-anchor="middle">{{ $row['leg']->value }}</text>
        @endforeach
        @foreach ($board->freeSpaces() as $space)
            @php($box = $board->box(new Underpin\Job\Position($space)))
            <a class="free {{ $screen->newSpace === $space && $screen->newPanel === $panel->id ? 'is-selected' : '' }}" href="{{ route('jobs.stage', [$screen->row->id, 'survey', 'panel' => $panel->id, 'space' => $space]) }}" data-space="{{ $space }}" data-leg="{{ Underpin\Job\Position::legOfSpace($space)->value }}" data-free aria-label="Space {{ $space }}, free">
                <rect x="{{ $box->x }}" y="{{ $box->y }}" width="{{ $box->w }}" height="{{ $box->h }}" rx="4"/>
                <text x="{{ $box->x + $box->w / 2 }}" y="{{ $box->middle() + 5 }}" text-anchor="middle">free</text>
            </a>
        @endforeach
        @if ($position = $board->generatorPosition())
            @php($box = $board->box($position))
            <g class="generator">
                <rect x="{{ $box->x }}" y="{{ $box->y }}" width="{{ $box->w }}" height="{{ $box->h }}" rx="4"/>
                <text x="{{ $box->x + $box->w / 2 }}" y="{{ $box->middle() + 5 }}" text-anchor="middle">Generator breaker, held down</text>
            </g>
        @endif
        @if ($board->hasInterlock())
            <g class="interlock" aria-label="Interlock plate">
                <path d="{{ $panel->interlockSpace === 1 ? 'M120 90 V56 a6 6 0 0 1 6 -6 H208' : 'M520 90 V56 a6 6 0 0 0 -6 -6 H432' }}"/>
                <text x="{{ $panel->interlockSpace === 1 ? 128 : 512 }}" y="42" text-anchor="{{ $panel->interlockSpace === 1 ? 'start' : 'end' }}">interlock</text>
            </g>
        @endif
        @foreach ($panel->circuits as $circuit)
            <x-breaker :circuit="$circuit" :board="$board" :screen="$screen"/>
        @endforeach
    </svg>
</figure>
