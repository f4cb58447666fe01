@php($f = Underpin\Job\Part\WorkPart::rangeOfShop())
<section class="sheet" id="range-sheet" tabindex="-1">
    <h2>Ranges of the commissioning <small>the shop's own; a label on the part comes first, and where both ends are empty what is usual counts</small></h2>
    <p class="quiet">A new job takes them with it. A job that was begun before keeps its own until somebody takes these for it.</p>
    <p class="grid-tools"><button class="button" type="button" data-grid-tool="back" data-of="range-grid">Take back <kbd>Ctrl Z</kbd></button>
        <a class="button is-quiet" href="{{ route('shop.sheet', 'range') }}">As CSV</a> <span id="range-grid-says" class="grid-says" role="status"></span></p>
    <section class="scroll is-tall" tabindex="0" aria-label="Ranges of the commissioning"><table class="table grid" id="range-grid" data-grid="{{ route('shop.cells') }}" data-sheet="range">
        <thead><tr><th scope="col">Reading</th><th scope="col">Usual</th><th scope="col" class="num">From</th><th scope="col" class="num">To</th></tr></thead>
        <tbody>@foreach (Underpin\Codebook\Acceptance::cases() as $of)
            @php($row = $ranges->get($of->value))
            <tr data-row="{{ $of->value }}"><th scope="row">{{ ucfirst($of->words()) }}</th><td class="quiet">{{ Underpin\Checklist\Range::usual($of)->words('') }}</td>
                @foreach (['low', 'high'] as $end)<td class="num"><input data-column="{{ $end }}" value="{{ Underpin\Csv\Number::write($row?->$end) }}" inputmode="decimal" autocomplete="off" aria-label="{{ $f->field($end)->label }}, {{ $of->words() }}"></td>@endforeach</tr>
        @endforeach</tbody>
    </table></section>
    <form class="inline gap" method="post" enctype="multipart/form-data" action="{{ route('shop.sheet.import', 'range') }}">@csrf
        <div class="field"><label class="label" for="range-sheet-file">Bring in ranges (CSV)</label><input class="input" type="file" id="range-sheet-file" name="file" accept=".csv,.tsv,.txt"></div>
        <button type="submit" class="button">Bring in</button>
    </form>
</section>
