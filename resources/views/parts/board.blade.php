<div id="part-board" class="boards">
    @part('parts.tally')
    @forelse ($screen->job->service->panels as $panel)
        <section class="panel" aria-label="{{ $panel->name }}">
            @if (count($screen->job->service->panels) > 1 || $screen->stage->value === 'survey')
                <h2 class="panel-name">{{ $panel->name }} <small>{{ $panel->kind->words() }}, {{ $panel->spaces }} spaces, {{ count($panel->circuits) }} breakers</small></h2>
            @endif
            <x-panel-board :panel="$panel" :screen="$screen"/>
            @if ($screen->stage->value === 'survey')<x-drawing-files :screen="$screen" drawing="panel-before" :sheet="$loop->iteration"/><x-drawing-files :screen="$screen" drawing="directory" said="Directory for the door" :sheet="$loop->iteration"/>@endif
            <details class="twin" @if (count($panel->circuits) === 0) hidden @endif>
                <summary>The same as a list</summary>
                <section class="scroll" tabindex="0" aria-label="{{ $panel->name }} as a list"><table class="table">
                    <thead><tr><th scope="col">Space</th><th scope="col">Circuit</th><th scope="col" class="num">Breaker</th><th scope="col">Leg</th><th scope="col">Role</th><th scope="col" class="num">Runs</th><th scope="col" class="num">Starts</th></tr></thead>
                    <tbody>@foreach ($panel->circuits as $circuit)<x-circuit-row :circuit="$circuit" :screen="$screen"/>@endforeach</tbody>
                </table></section>
            </details>
        </section>
    @empty
        @unless ($screen->stage->value === 'survey')<div class="blank">
            <h2>No panel yet</h2>
            <p>Bring in a schedule from a spreadsheet, or add a panel and fill its spaces by hand.</p>
            <a class="button is-primary" href="{{ route('jobs.schedule.create', $screen->row->id) }}">Bring in a schedule</a>
        </div>@endunless
    @endforelse
</div>
