@php($isOpen = ! $reading || $reading->faults !== [] || $reading->ignoredColumns !== [] || $sheet->choices->columns !== [])
<details class="by-hand sheet-columns" @if ($isOpen) open @endif>
    <summary><b>What each column was taken for</b> @if ($isOpen)<span class="quiet">another choice is remembered for the shop when the rows are taken</span>@else<span class="quiet">{{ implode(' · ', array_map(fn ($c) => ($c->word ?: 'column '.($c->place + 1)).': '.($c->meaning?->words() ?? 'left out'), $sheet->columns)) }}</span>@endif</summary>
    <section class="scroll" tabindex="0" aria-label="Columns"><table class="table">
        <thead>
            <tr>@foreach ($sheet->columns as $column)<th scope="col" class="{{ $column->meaning ? '' : 'is-left-out' }}"><label class="label" for="column-{{ $column->place }}">{{ $column->word ?: 'Column '.($column->place + 1) }}</label><div class="select"><select id="column-{{ $column->place }}" name="column-{{ $column->place }}"><option value="">left out</option>@foreach (Underpin\Exchange\Schedule\Sheet\Meaning::choices() as $meaning)<option value="{{ $meaning->value }}" @selected($column->meaning === $meaning)>{{ $meaning->words() }}</option>@endforeach</select></div>@error("column-$column->place")<p class="error" role="alert">{{ $message }}</p>@enderror</th>@endforeach</tr>
        </thead>
        <tbody>@for ($i = 0; $i < 3; $i++)<tr>@foreach ($sheet->columns as $column)<td class="{{ $column->meaning ? '' : 'is-left-out' }}">{{ mb_strimwidth($column->samples[$i] ?? '', 0, 30, '…') }}</td>@endforeach</tr>@endfor</tbody>
    </table></section>
    <div class="sheet-size">
        <x-pick :of="App\Http\Requests\TableFields::decimal()" id="sheet-decimal" :value="$sheet->choices->mark?->value ?? ''"/>
        <button type="submit" class="button">Look again</button>
    </div>
</details>
