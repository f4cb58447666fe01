<div class="halves sheet-made">
    <section aria-label="What it would change">
        <h2>What it would change @if ($changes->hadCircuits())<small>{{ $changes->kept }} {{ $changes->kept === 1 ? 'circuit stays' : 'circuits stay' }} as {{ $changes->kept === 1 ? 'it is' : 'they are' }}</small>@endif</h2>
        @if ($changes->losses() !== [])
            <p class="caution"><b>{{ Underpin\Say::count(count($changes->losses()), 'circuit') }} would be gone:</b> {{ Underpin\Say::list(array_map(fn ($c) => $c->before->title(), $changes->losses()), 12) }}. {{ $others->whyGone() }}</p>
        @endif
        @if ($changes->hadCircuits())
            <form id="others-form" class="segmented segmented-wide" method="post" action="{{ route('jobs.schedule.read', $job->id) }}" aria-label="What the sheet does not have">
                @csrf <input type="hidden" name="text" value="{{ $text }}">
                @foreach ($sheet->fields() as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
                @foreach (Underpin\Exchange\Schedule\Others::cases() as $each)<button type="submit" name="others" value="{{ $each->value }}" aria-pressed="{{ $others === $each ? 'true' : 'false' }}">Missing in the sheet: {{ $each->words() }}</button>@endforeach
            </form>
        @endif
        @if ($reading->goodRows > 0)
            <form id="take-form" method="post" action="{{ route('jobs.schedule.take', $job->id) }}">
                @include('survey.sheet.fields')
                <button type="submit" class="button is-primary" @if ($reading->badRows === 0) autofocus @endif>{{ $reading->badRows ? 'Take the '.$reading->goodRows.' good rows' : 'Take all '.$reading->goodRows.' rows' }}</button>
                <p class="quiet">A circuit that keeps its space and name keeps what the sheet has no column for. It can be undone.</p>
            </form>
        @endif
        @if ($changes->changes === [])
            <p class="quiet">Nothing.</p>
        @else
            <section class="scroll" tabindex="0" aria-label="What changes"><table class="table">
                <thead><tr>@if (count($boards) > 1)<th scope="col">Panel</th>@endif<th scope="col">Space</th><th scope="col">Is</th><th scope="col">Will be</th></tr></thead>
                <tbody>@foreach (array_slice($changes->changes, 0, 250) as $change)<tr>@if (count($boards) > 1)<td>{{ $change->panel }}</td>@endif<th scope="row" class="num">{{ $change->label() }}</th><td class="quiet">{{ $change->was() }}</td><td>@if ($change->isLoss())<b>gone</b>@else{{ $change->becomes() }}@endif</td></tr>@endforeach</tbody>
            </table></section>
        @endif
    </section>
    <section aria-label="The board it makes">
        @foreach ($boards as $board)
            <h2>{{ $board->title }}</h2>
            <figure class="board"><x-drawing :drawing="$board" role="img" aria-label="{{ $board->title }}: the table says what would change"/></figure>
        @endforeach
    </section>
</div>
