<section id="part-offers" class="offers" aria-label="Steps found" aria-live="polite">
    <h2>Steps found <small>{{ count($data->offers) }}</small></h2>
    <p class="quiet">Ten readings a second can miss the top of a start: where the list starts higher, sizing keeps the list.</p>
    @php($names = ['' => 'choose'] + App\Screens\RecordingScreen::circuitNames($screen->job))
    @forelse ($data->listed() as $offer)
        @php($id = 'o'.$offer->step->atMs)
        @php($measured = $offer->step->measured(now()->format('Y-m-d')))
        @php($taken = $offer->circuit?->measured !== null && abs($offer->circuit->measured->runAmps - $measured->runAmps) < 0.005 && $offer->circuit->measured->leg === $measured->leg)
        <article class="offer {{ $offer->contradicts() ? 'is-contradicting' : '' }}">
            <h3>{{ Underpin\Say::clock($offer->step->atMs) }} · {{ $measured->leg->words() }} <b>+{{ number_format($measured->runAmps, 1) }} A</b> <small>start {{ number_format($measured->startAmps, 1) }} A</small></h3>
            <p>@if ($offer->mark && $offer->mark->said !== '')“{{ $offer->mark->said }}” @endif {{ $offer->words() }}</p>
            @if ($taken)
                <p class="taken">✓ taken for {{ $offer->circuit->title() }}</p>
            @else
                @php($f = (new App\Http\Requests\Loads\MeasuredRequest)->form())
                <form id="{{ $id }}" method="post" action="{{ route('jobs.measured', $screen->row->id) }}" data-parts>
                    @csrf @method('PUT')
                    <input type="hidden" name="measured_leg" value="{{ $measured->leg->value }}"><input type="hidden" name="measured_run_a" value="{{ $measured->runAmps }}"><input type="hidden" name="measured_start_a" value="{{ $measured->startAmps }}"><input type="hidden" name="by_hand" value="0">
                    <div class="fields fields-offer">
                        <x-pick :of="$f->field('circuit')" :id="$id.'-circuit'" :options="$names" :value="$offer->circuit?->id"/>
                        <button class="button is-primary">Take these figures</button>
                    </div>
                </form>
            @endif
        </article>
    @empty
        <p class="quiet">None yet. Switch one circuit on, wait until it has settled, and it shows up here.</p>
    @endforelse
    @php($more = count($data->offers) - count($data->listed()))
    @if ($more > 0)<p class="quiet">{{ number_format($more) }} more without a mark {{ $more === 1 ? 'is' : 'are' }} not listed: what cycles comes on many times a day. Press m when you switch something on, and its step is always listed.</p>@endif
</section>
