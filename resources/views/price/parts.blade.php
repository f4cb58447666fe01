@use('Underpin\Job\Quote\LineKind')
@php($picked = $offered->estimates[0] ?? null)
<section class="sheet" id="parts" tabindex="-1"><h2>Parts <small>from the design: a length is the run with its slack, up to a whole foot</small></h2>
@if ($list->missing !== [])
    <div class="notice"><b>Not on the list yet, because it is not measured or not chosen:</b> {{ Underpin\Say::list($list->missing, 20) }}.
        <a href="{{ $screen->links->to($screen->design()->supply() === null ? Underpin\StageKey::Size : ($screen->design()->way() === null ? Underpin\StageKey::Connect : Underpin\StageKey::Wire)) }}{{ $screen->design()->assembly() === null ? '' : '#lengths' }}">Go there</a></div>
@endif
@if ($picked === null || $list->lines === [])
    <div class="blank"><h2>Nothing to order yet</h2><p>The parts follow from the machine, the way of connecting and the lengths: nothing is typed twice.</p></div>
@else
    @php($f = Underpin\Pricing\Book\PartPrice::form())
    <section class="scroll" tabindex="0" aria-label="Parts"><table class="table parts is-stacking">
        <thead><tr><th scope="col">Part</th><th scope="col" class="num">Quantity</th><th scope="col" class="num">Bought</th><th scope="col" class="num">Costs us</th><th scope="col">For</th><th scope="col">From</th></tr></thead>
        <tbody>@foreach (array_filter($picked->lines, fn ($line) => $line->kind->isBought()) as $line)
            <tr><th scope="row">{{ $line->words }}</th><td class="num" data-label="Quantity">{{ Underpin\Say::figure($line->quantity) }} <i class="unit">{{ $line->unit }}</i></td>
                <td class="num" data-label="Bought">{{ $line->sold === $line->quantity ? '' : Underpin\Say::figure($line->sold).' × '.$line->soldAs }}</td>
                <td class="num" data-label="Costs us">@if ($line->cost !== null){{ $line->cost->words() }}@elseif ($line->kind === LineKind::Machine)<a href="{{ route('catalogue') }}">no price</a>@else
                    <form class="inline price-it" id="price-{{ $line->key }}" method="post" action="{{ route('jobs.part-price', $screen->row->id) }}" data-parts data-autosave>@csrf @method('PUT')<input type="hidden" name="part" value="{{ $line->words }}"><input type="hidden" name="unit" value="{{ $line->unit }}">
                        <input class="input num" name="price_usd" inputmode="decimal" autocomplete="off" placeholder="no price" aria-label="Price of one {{ $line->unit }}, {{ $line->words }}"><p class="error" data-error="price_usd"></p><noscript><button type="submit" class="button">Save</button></noscript></form>@endif</td>
                <td class="for" data-label="For">{{ implode('; ', $line->because) }}</td>
                <td data-label="From">{{ $line->from?->supplier }}@if ($line->from?->leadDays !== null) <small>{{ $line->from->leadDays === 0 ? 'on the shelf' : Underpin\Say::count($line->from->leadDays, 'day') }}</small>@endif</td></tr>
        @endforeach</tbody>
    </table></section>
    <details class="by-hand"><summary>Work <small>{{ Underpin\Say::figure($picked->hours()) }} h, from the same design</small></summary>
    <section class="scroll" tabindex="0" aria-label="Work"><table class="table parts is-stacking">
        <thead><tr><th scope="col">Work</th><th scope="col" class="num">Quantity</th><th scope="col" class="num">Hours</th><th scope="col" class="num">Price</th><th scope="col">For</th></tr></thead>
        <tbody>@foreach (array_filter($picked->lines, fn ($line) => $line->kind === LineKind::Work) as $line)
            <tr><th scope="row">{{ $line->words }}</th><td class="num" data-label="Quantity">{{ Underpin\Say::figure($line->quantity) }} <i class="unit">{{ $line->unit }}</i></td><td class="num" data-label="Hours">{{ number_format($line->sold, 2) }}</td><td class="num" data-label="Price">{{ $line->price?->words() ?? 'no price' }}</td><td class="for" data-label="For">{{ implode('; ', $line->because) }}</td></tr>
        @endforeach</tbody>
    </table></section></details>
    <p class="files"><a class="button" href="{{ route('jobs.parts', $screen->row->id) }}">Parts as CSV</a> <button class="button" type="button" data-key="print">Print</button></p>
@endif
</section>
