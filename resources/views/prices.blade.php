<x-layouts.page title="Price book"><x-topbar><a class="jobname" href="{{ route('jobs.index') }}">← Jobs</a></x-topbar>
    <main id="page" class="wide" tabindex="-1">
        <div class="stage-head"><h1>Price book</h1><a class="button is-quiet" href="{{ route('shop.sheet', 'price') }}">As a sheet (CSV)</a></div>
        <p class="quiet">What the ways of connecting take. Without a price a thing is named and not counted; without hours of your own the usual ones count.</p>
        @if (session('not-taken'))<div class="notice" role="status"><b>Not taken:</b><ul>@foreach (session('not-taken') as $line)<li>{{ $line }}</li>@endforeach</ul></div>@endif
        <x-may deed="stock" :of="auth()->user()->shop">
        @php($show = fn (Underpin\Connection\Item $item, string $column) => $rows->get($item->value)?->{$column})
        @php($was = [])
        @foreach (Underpin\Connection\Item::cases() as $item) @foreach (App\Http\Requests\Shop\PriceBookRequest::COLUMNS as $column) @php($was[App\Http\Requests\Shop\PriceBookRequest::name($column, $item)] = $show($item, $column)) @endforeach @endforeach
        <form id="prices-form" method="post" action="{{ route('prices.update') }}">@csrf @method('PUT')<x-was :values="$was"/>
            <div class="scroll" tabindex="0" role="region" aria-label="Prices"><table class="table is-form">
                <thead><tr><th scope="col">Item</th><th scope="col">For</th><th scope="col">Price <small>$</small></th><th scope="col">Hours</th><th scope="col">Usual <small>h</small></th></tr></thead>
                <tbody>@foreach (Underpin\Connection\Item::cases() as $item)
                    <tr><th scope="row">{{ ucfirst($item->words()) }}</th><td>{{ $item->unit() }}</td>
                    @foreach (App\Http\Requests\Shop\PriceBookRequest::fields($item) as $i => $field)
                        <td><input class="input num" name="{{ $field->name }}" value="{{ old($field->name, Underpin\Csv\Number::write($show($item, App\Http\Requests\Shop\PriceBookRequest::COLUMNS[$i]))) }}" inputmode="decimal" autocomplete="off" aria-label="{{ $field->label }}"><p class="error" data-error="{{ $field->name }}">@error($field->name){{ $message }}@enderror</p></td>
                    @endforeach
                    <td class="num">{{ Underpin\Csv\Number::write($item->usualHours()) }}</td></tr>
                @endforeach</tbody>
            </table></div>
            <button class="button is-primary">Save</button>
        </form>
        <form class="inline gap" method="post" enctype="multipart/form-data" action="{{ route('shop.sheet.import', 'price') }}">@csrf
            <div class="field"><label class="label" for="price-sheet">Bring in a sheet of prices</label><input class="input" type="file" id="price-sheet" name="file" accept=".csv,.tsv,.txt"><p class="error" data-error="file">@error('file'){{ $message }}@enderror</p></div>
            <button class="button">Bring in</button>
        </form>
        <x-shop-history :events="$events"/>
        </x-may>
    </main>
</x-layouts.page>
