@php($f = Underpin\Pricing\Book\TaskPrice::form())
<section class="sheet" id="work-sheet" tabindex="-1">
    <h2>Work <small>hours for one; without your own the usual ones count</small></h2>
    <p class="grid-tools"><button class="button" type="button" data-grid-tool="back" data-of="work-grid">Take back <kbd>Ctrl Z</kbd></button>
        <a class="button is-quiet" href="{{ route('shop.sheet', 'work') }}">As CSV</a> <span id="work-grid-says" class="grid-says" role="status"></span></p>
    <section class="scroll is-tall" tabindex="0" aria-label="Work"><table class="table grid" id="work-grid" data-grid="{{ route('shop.cells') }}" data-sheet="work">
        <thead><tr><th scope="col">Work</th><th scope="col">For</th><th scope="col" class="num">Hours <small>h</small></th><th scope="col" class="num">Usual <small>h</small></th><th scope="col" class="num">Fee <small>$</small></th></tr></thead>
        <tbody>@foreach (Underpin\Assembly\Task::cases() as $task)
            @php($row = $tasks->get($task->value))
            <tr data-row="{{ $task->value }}"><th scope="row">{{ ucfirst($task->words()) }}</th><td>{{ $task->unit() }}</td>
                <td class="num"><input data-column="hours" value="{{ Underpin\Csv\Number::write($row?->hours) }}" inputmode="decimal" autocomplete="off" aria-label="Hours, {{ $task->words() }}"></td>
                <td class="num quiet">{{ Underpin\Csv\Number::write($task->usualHours()) }}</td>
                <td class="num"><input data-column="price_usd" value="{{ Underpin\Csv\Number::write($row?->price_usd) }}" inputmode="decimal" autocomplete="off" aria-label="Fee, {{ $task->words() }}"></td></tr>
        @endforeach</tbody>
    </table></section>
    <form class="inline gap" method="post" enctype="multipart/form-data" action="{{ route('shop.sheet.import', 'work') }}">@csrf
        <div class="field"><label class="label" for="work-sheet-file">Bring in hours (CSV)</label><input class="input" type="file" id="work-sheet-file" name="file" accept=".csv,.tsv,.txt"></div>
        <button type="submit" class="button">Bring in</button>
    </form>
</section>
