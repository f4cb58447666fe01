@php($f = Underpin\Pricing\Book\PartPrice::form())
@php($columns = ['part' => 'name', 'unit' => '', 'pack' => 'num', 'price_usd' => 'num', 'price_on' => 'date', 'supplier' => 'wide', 'lead_days' => 'num'])
@php($of = new App\Shop\PartPrices)
<section class="sheet" id="parts-sheet" tabindex="-1">
    <h2>Parts <small>each as the parts list of a job names it</small></h2>
    <p class="grid-tools"><button class="button" type="button" data-grid-tool="fill" data-of="parts-grid">Fill down <kbd>Ctrl D</kbd></button>
        <button class="button" type="button" data-grid-tool="back" data-of="parts-grid">Take back <kbd>Ctrl Z</kbd></button>
        <a class="button is-quiet" href="{{ route('shop.sheet', 'part') }}">As CSV</a> <span id="parts-grid-says" class="grid-says" role="status"></span></p>
    <section class="scroll is-tall" tabindex="0" aria-label="Prices of parts"><table class="table grid" id="parts-grid" data-grid="{{ route('shop.cells') }}" data-sheet="part">
        <thead><tr>@foreach ($columns as $name => $kind)<th scope="col" class="{{ $kind === 'num' ? 'num' : '' }}">{{ $f->field($name)->label }}@if ($f->field($name)->unit()) <small>{{ $f->field($name)->unit()->value }}</small>@endif</th>@endforeach</tr></thead>
        <tbody>@foreach ([...$parts, null] as $row)
            @php($line = $row === null ? [] : $of->line($row))
            <tr data-row="{{ $row?->key }}" @if ($row === null) data-blank @else id="part-{{ $row->key }}" @endif>@foreach ($columns as $name => $kind)
                @php($value = $line[$name] ?? '')
                <td class="{{ $kind }}"><input data-column="{{ $name }}" value="{{ $name === 'price_usd' && $value !== null && $value !== '' ? number_format($value, 2, '.', '') : (is_float($value) || is_int($value) ? Underpin\Csv\Number::write((float) $value) : $value) }}" autocomplete="off" @if ($kind === 'num') inputmode="decimal" @endif @if ($row === null && $name === 'part') placeholder="Another part" @endif aria-label="{{ $f->field($name)->label }}{{ $row === null ? ', new part' : ', '.$row->part }}"></td>
            @endforeach</tr>
        @endforeach</tbody>
    </table></section>
    <form class="inline gap" method="post" enctype="multipart/form-data" action="{{ route('shop.sheet.import', 'part') }}">@csrf
        <div class="field"><label class="label" for="part-sheet">Bring in prices of parts (CSV)</label><input class="input" type="file" id="part-sheet" name="file" accept=".csv,.tsv,.txt"><p class="error" data-error="file">@error('file'){{ $message }}@enderror</p></div>
        <button type="submit" class="button">Bring in</button>
    </form>
</section>
