<h2 class="gap">What is wrong <small>by row of the sheet; type it right here, and look again</small></h2>
@foreach ($faulty as $line => $cells)
    <fieldset class="mend">
        <legend>Row {{ $line }}</legend>
        @foreach ($reading->faults as $fault)@if ($fault->row === $line)<p class="error"><b>{{ Underpin\Exchange\Schedule\Sheet\Meaning::tryFrom($fault->column)?->words() ?? $fault->column }}:</b> {{ $fault->message }}</p>@endif @endforeach
        <div class="mend-cells">
            @foreach ($reading->columns as $column)
                @continue($column->meaning === null)
                @php($cell = "cell-$line-$column->place")
                <div class="field"><label class="label" for="{{ $cell }}">{{ $column->meaning->words() }}</label><input class="input" id="{{ $cell }}" name="{{ $cell }}" value="{{ $cells[$column->place] ?? '' }}" autocomplete="off"></div>
            @endforeach
        </div>
    </fieldset>
@endforeach
<button type="submit" class="button">Look again</button>
@if (count($reading->faults) > count($faulty))<p class="quiet">{{ Underpin\Say::count(count($reading->faults), 'fault') }} in all.</p>@endif
