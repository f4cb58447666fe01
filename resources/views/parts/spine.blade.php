<nav id="part-spine" class="spine" aria-label="Stages">
    <ol>
        @foreach ($screen->stages as $report)
            @php($worst = $report->findings[0]->severity->value ?? null)
            @php($isHere = $report->stage->key() === $screen->stage)
            <li class="station {{ $isHere ? 'is-here' : '' }}" data-progress="{{ $report->progress->value }}">
                <a href="{{ $screen->links->to($report->stage->key()) }}" @if ($isHere) aria-current="page" @endif data-stage>
                    <x-station :progress="$report->progress"/>
                    <span>{{ $report->stage->title() }}<span class="sr">, {{ $report->progress->words() }}</span></span>
                    @if ($worst)<span class="flag" data-severity="{{ $worst }}" title="{{ count($report->findings) }} findings, the worst: {{ $worst }}">{{ count($report->findings) }}<span class="sr"> findings, the worst: {{ $worst }}</span></span>@endif
                </a>
            </li>
        @endforeach
    </ol>
</nav>
