<section id="part-offers" class="offers" aria-label="Steps found" aria-live="polite">
    <h2>Steps found <small>{{ count($data->offers) }}</small></h2>
    @php($agreeing = $data->agreeing())
    @if ($agreeing !== [])
        <form id="take-agreeing" class="take-agreeing" method="post" action="{{ route('jobs.recordings.take', [$screen->row->id, $data->recording->key]) }}" data-parts>@csrf
            <button type="submit" class="button is-primary">Take all that agree <small>{{ count($agreeing) }}</small></button>
            <span class="quiet">named, on the leg of its space, and about what the list says</span>
        </form>
    @endif
    @php($names = ['' => 'choose'] + App\Screens\RecordingScreen::circuitNames($screen->job))
    @if ($data->offers === [])
        <p class="quiet">None yet. Switch one circuit on, wait until it has settled, and it shows up here.</p>
    @else
    <section class="scroll" tabindex="0" aria-label="Table of the steps"><table class="table offers-table">
        <thead><tr><th scope="col">At</th><th scope="col">Leg</th><th scope="col" class="num">Runs</th><th scope="col" class="num">Starts</th><th scope="col" class="num">List</th><th scope="col">Circuit</th><th scope="col"><span class="sr">Take</span></th></tr></thead>
        <tbody>@foreach ($data->listed() as $offer)
            @php($id = 'o'.$offer->step->atMs)
            @php($measured = $offer->step->measured(now()->format('Y-m-d')))
            <tr class="offer {{ $offer->contradicts() ? 'is-contradicting' : '' }} {{ $offer->isFarOff() ? 'is-far' : '' }}">
                <th scope="row" class="mono">{{ Underpin\Say::clock($offer->step->atMs) }}</th><td>{{ $measured->leg->words() }}</td><td class="num">+{{ number_format($measured->runAmps, 1) }} A</td><td class="num">{{ number_format($measured->startAmps, 1) }} A</td><td class="num">@if ($offer->share() !== null){{ number_format($offer->circuit->runAmps(), 1) }} A @endif</td>
                @if (App\Screens\RecordingScreen::isTaken($offer))
                    <td colspan="2" class="taken">✓ taken for {{ $offer->circuit->title() }}</td>
                @else
                    <td><div class="select"><select name="circuit" form="{{ $id }}" aria-label="Circuit of the step at {{ Underpin\Say::clock($offer->step->atMs) }}">@foreach ($names as $key => $name)<option value="{{ $key }}" @selected($key === ($offer->circuit?->id ?? ''))>{{ $name }}</option>@endforeach</select></div></td>
                    <td><form id="{{ $id }}" method="post" action="{{ route('jobs.measured', $screen->row->id) }}" data-parts>@csrf @method('PUT')<input type="hidden" name="measured_leg" value="{{ $measured->leg->value }}"><input type="hidden" name="measured_run_a" value="{{ $measured->runAmps }}"><input type="hidden" name="measured_start_a" value="{{ $measured->startAmps }}"><input type="hidden" name="by_hand" value="0"><button type="submit" class="button">Take</button><p class="error" data-error="circuit"></p></form></td>
                @endif
            </tr>
            @if ($offer->contradicts() || $offer->isFarOff() || $offer->mark === null || $offer->mark->said !== '')
            <tr class="offer-said"><td></td><td colspan="6">@if ($offer->mark && $offer->mark->said !== '')“{{ $offer->mark->said }}” @endif {{ $offer->words() }} @if ($offer->farWords() !== '')<b>{{ $offer->farWords() }}</b>@endif</td></tr>
            @endif
        @endforeach</tbody>
    </table></section>
    <p class="quiet">Ten readings a second can miss the top of a start: where the list starts higher, sizing keeps the list.</p>
    @endif
    @php($more = count($data->offers) - count($data->listed()))
    @if ($more > 0)<p class="quiet">{{ number_format($more) }} more without a mark {{ $more === 1 ? 'is' : 'are' }} not listed: what cycles comes on many times a day. Press m when you switch something on, and its step is always listed.</p>@endif
</section>
