<nav id="part-spine" class="spine" aria-label="Stages">
    <ol>
        @foreach ($screen->stages as $report)
            @php($worst = $report->findings[0]->severity->value ?? null)
            <li class="station reach-{{ $report->reach->value }} {{ $report->stage === $screen->stage ? 'is-here' : '' }} {{ $report->stage->isOpen() ? '' : 'is-later' }}">
                @if ($report->stage->isOpen())
                    <a href="{{ route('jobs.stage', [$screen->row->id, $report->stage->value]) }}" @if ($report->stage === $screen->stage) aria-current="page" @endif data-stage>
                        <x-station :reach="$report->reach->value"/>
                        <span>{{ $report->stage->title() }}<span class="sr">, {{ $report->reach->words() }}</span></span>
                        @if ($worst)<span class="flag flag-{{ $worst }}" title="{{ count($report->findings) }} findings, the worst: {{ $worst }}">{{ count($report->findings) }}<span class="sr"> findings, the worst: {{ $worst }}</span></span>@endif
                    </a>
                @else
                    <span class="later" title="Not in this version yet"><x-station reach="empty"/><span>{{ $report->stage->title() }}<small>later</small></span></span>
                @endif
            </li>
        @endforeach
    </ol>
</nav>
