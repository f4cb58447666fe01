<ul class="found">
    @foreach ($stages as $stage)
        <li><a href="{{ route('jobs.stage', [$open->id, $stage->key()->value]) }}">{{ $stage->title() }}<small>stage</small></a></li>
    @endforeach
    @foreach ($circuits as $circuit)
        <li><a href="{{ route('jobs.stage', [$open->id, 'loads', 'at' => $circuit->key]) }}">{{ $circuit->space }}{{ $circuit->half }} {{ $circuit->name }}<small>circuit</small></a></li>
    @endforeach
    @foreach ($jobs as $job)
        <li><a href="{{ route('jobs.show', $job->id) }}">{{ $job->name }}<small>{{ $job->customer_name ?: 'job' }}</small></a></li>
    @endforeach
    @if ($jobs->isEmpty() && count($circuits) === 0 && count($stages) === 0)
        <li class="quiet">Nothing is called “{{ $text }}”.</li>
    @endif
</ul>
