@push('scripts')@vite('resources/js/loads/runs.js')@endpush
<section id="part-run" class="run" aria-label="{{ $run->label }}" @unless ($run->state->isOver()) data-run="{{ route('jobs.runs.show', [$run->job_id, $run->id]) }}" @endunless>
    <h2>{{ $run->label }}</h2>
    @if ($run->state === App\Runs\RunState::Done)
        <p class="caution">{{ $run->said }}. The job has changed since: this does not hold any more.</p>
        <form method="post" action="{{ route('jobs.runs.again', [$run->job_id, $run->id]) }}">@csrf<button type="submit" class="button">Do it again</button></form>
    @elseif ($run->state->isOver())
        <p class="error" role="alert">{{ $run->said }}</p>
        <form method="post" action="{{ route('jobs.runs.again', [$run->job_id, $run->id]) }}">@csrf<button type="submit" class="button">{{ $run->kept === null ? 'Try again' : 'Go on' }}</button></form>
    @else
        <div class="progress-line"><progress max="1" @if ($run->share !== null) value="{{ $run->share }}" @endif></progress> <output>{{ $run->said ?: 'Waiting for its turn' }}</output></div>
        <form method="post" action="{{ route('jobs.runs.stop', [$run->job_id, $run->id]) }}">@csrf<button type="submit" class="button">Stop it</button></form>
        <noscript><p><a href="{{ url()->current() }}">Look how far it is</a></p></noscript>
    @endif
</section>
