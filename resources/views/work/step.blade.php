@php($record = $work->list->record($step))
@php($mark = $work->mark($step))
@php($reading = $step->reading)
@php($range = $reading?->rangeFor($record) ?? $reading?->range)
@php($unit = $reading?->unit->value)
@php($photos = $work->photos($step))
@php($id = 'f-'.$step->key)
<div class="step" id="step-{{ $step->key }}" data-state="{{ $mark }}" tabindex="-1">
<form id="{{ $id }}" method="post" action="{{ route('jobs.work.step', $screen->row->id) }}" data-outbox="{{ $step->key }}" novalidate>@csrf @method('PUT')<input type="hidden" name="id" value="{{ $step->key }}"><input type="hidden" name="said" value="{{ $step->text }}"><input type="hidden" name="by" value="{{ $work->initials() }}"><input type="hidden" name="at" value="{{ now()->format('Y-m-d H:i') }}"><x-was :values="$work->was($step)"/>
    <button type="submit" class="step-box" aria-label="{{ $reading === null ? 'Done' : 'Note the reading' }}: {{ $step->text }}"><span aria-hidden="true"></span></button>
    <div class="step-body">
        <p class="step-text">{{ $step->text }}</p>
        @if ($step->caution !== '')<p class="step-caution">{{ $step->caution }}</p>@endif
        @if ($reading !== null)
        <div class="step-reading">
            @if ($reading->asksLabel())<label>By the label <input class="input" name="label" inputmode="decimal" value="{{ Underpin\Csv\Number::write($record?->label) }}" autocomplete="off"> <i class="unit">{{ $unit }}</i></label>@endif
            <label>Reading <input class="input" name="value" type="number" step="any" inputmode="decimal" value="{{ Underpin\Csv\Number::write($record?->value) }}" autocomplete="off" @if ($range?->low !== null) min="{{ $range->low }}" @endif @if ($range?->high !== null) max="{{ $range->high }}" @endif> <i class="unit">{{ $unit }}</i></label>
            @if ($reading->probe !== null)<button type="button" class="button is-quiet" data-read="{{ route('jobs.work.reading', [$screen->row->id, 'step' => $step->key]) }}">Read {{ $reading->probe->quantity->instrument()->words() }}</button>@endif
            <p class="step-range">{{ $range === null ? 'as the label says' : $range->words($unit).' ('.$range->from.')' }}</p>
            <div class="step-out" role="note"><p><b>Out of range: it stops here.</b> {{ $reading->means }}</p><p>Look, in this order:</p><ol>@foreach ($reading->look as $look)<li>{{ $look }}</li>@endforeach</ol></div>
        </div>
        @endif
        @unless ($reading?->asksLabel())<input type="hidden" name="label" value="{{ $record?->label }}">@endunless
        @if ($reading === null)<input type="hidden" name="value" value="">@endif
        <input type="hidden" name="tool" value="{{ $record?->tool }}" data-tool-of>
        <p class="error" data-error="value"></p><p class="error" data-error="label"></p><p class="error" data-error="step"></p>
        @if ($mark === 'changed')<p class="step-changed"><b>Asked again:</b> the design has changed since. When it was done it said: “{{ $record->said }}”</p>@endif
        @if ($record !== null)<p class="step-done mono">{{ $record->by }}, {{ $record->at }}@if ($record->tool !== ''), {{ $record->tool }}@endif</p>@endif
        <p class="step-kept" data-kept hidden></p>
        <details class="step-more" data-more><summary>Why, note, photo @if ($photos !== [] || ($record->note ?? '') !== '')<small>{{ trim((($record->note ?? '') !== '' ? 'note ' : '').($photos !== [] ? count($photos).' photo' : '')) }}</small>@endif</summary>
            <p>{{ $step->why }} <cite>{{ $step->source->words($screen->job->authority->rules->edition) }}</cite></p>
            <label class="step-note">Note <input class="input" name="note" value="{{ $record?->note }}" maxlength="1000" autocomplete="off"></label>
            <label class="button"><input class="file" type="file" accept="image/*" capture="environment" data-photo="{{ route('jobs.photos.store', $screen->row->id) }}"><span>Photo</span></label>
            @if ($photos !== [])<span class="step-photos">@foreach ($photos as $photo)<a href="{{ route('jobs.photos.show', [$screen->row->id, $photo->key]) }}"><img src="{{ route('jobs.photos.thumbnail', [$screen->row->id, $photo->key]) }}" alt="{{ $photo->name }}" width="96" height="72" loading="lazy"></a>@endforeach</span>@endif
            @if ($record !== null)<button type="submit" class="button is-quiet" form="u-{{ $step->key }}">Not done after all</button>@endif
        </details>
    </div>
</form>
@if ($record !== null)<form id="u-{{ $step->key }}" method="post" action="{{ route('jobs.work.step.undone', $screen->row->id) }}" data-parts>@csrf @method('DELETE')<input type="hidden" name="id" value="{{ $step->key }}"></form>@endif
</div>
