@php($f = Underpin\Job\Part\OfferPart::form()->only('own_machine', 'permit_usd', 'travel_usd', 'note'))
@php($offer = $screen->job->offer)
<section class="sheet" id="offer" tabindex="-1">
    <h2>What is offered</h2>
    <form id="offer-form" class="sheet-form" method="post" action="{{ route('jobs.offer', $screen->row->id) }}" data-parts data-autosave>@csrf @method('PUT')
        <x-was :of="$f" :values="Underpin\Job\Part\OfferPart::writeOffer($offer)"/>
        <div class="fields">
            <x-pick :of="$f->field('own_machine')" id="o-machine" :value="$offer->ownMachine === null ? '' : (int) $offer->ownMachine"/>
            <x-field :of="$f->field('permit_usd')" id="o-permit" :value="Underpin\Csv\Number::write($offer->permitUsd)"/>
            <x-field :of="$f->field('travel_usd')" id="o-travel" :value="Underpin\Csv\Number::write($offer->travelUsd)"/>
        </div>
        <x-field :of="$f->field('note')" id="o-note" :value="$offer->note"/>
        <noscript><button type="submit" class="button">Save</button></noscript>
    </form>
    @php($others = Underpin\Pricing\Quoting\NewQuote::besides($screen->design()))
    @if ($others !== [])
        <h3>Offered beside it <small>at most {{ Underpin\Job\Offer::MOST_WAYS - 1 }}</small></h3>
        <ul class="ticks">@foreach ($others as $way)
            @php($on = in_array($way->key(), $offer->besides, true))
            <li><form method="post" action="{{ route('jobs.offer.beside', $screen->row->id) }}" id="beside-{{ $way->key() }}" data-parts>@csrf @method('PUT')<input type="hidden" name="way" value="{{ $way->key() }}"><input type="hidden" name="offered" value="{{ $on ? 0 : 1 }}">
                <button type="submit" class="button{{ $on ? ' is-primary' : '' }}" aria-pressed="{{ $on ? 'true' : 'false' }}">{{ ucfirst($way->words()) }}</button><p class="error" data-error="way"></p></form></li>
        @endforeach</ul>
    @endif
    <h3>Besides <small>what the design does not know: a wall that is closed, a lift that is hired</small></h3>
    @foreach ([...$offer->extras, null] as $extra)
        @php($e = Underpin\Job\Part\OfferPart::extra())
        <div class="extra-row">
            <form class="extra-form" method="post" action="{{ route('jobs.offer.extra', $screen->row->id) }}" id="extra-{{ $extra->id ?? 'new' }}" data-parts @if ($extra) data-autosave @endif>@csrf @method('PUT')
                <input type="hidden" name="id" value="{{ $extra?->id }}"><x-was :values="['what' => $extra?->what, 'usd' => $extra?->usd]"/>
                <div class="fields extra-fields"><x-field :of="$e->field('what')" :id="'extra-what-'.($extra->id ?? 'new')" :value="$extra?->what"/>
                <x-field :of="$e->field('usd')" :id="'extra-usd-'.($extra->id ?? 'new')" :value="$extra === null ? '' : number_format($extra->usd, 2, '.', '')"/></div>
                @if ($extra === null)<button type="submit" class="button">Add</button>@endif
            </form>
            @if ($extra)<form method="post" action="{{ route('jobs.offer.extra.remove', $screen->row->id) }}" data-parts>@csrf @method('DELETE')<input type="hidden" name="id" value="{{ $extra->id }}"><button type="submit" class="button is-quiet">Take out</button></form>@endif
        </div>
    @endforeach
</section>
