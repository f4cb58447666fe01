<form id="mend-form" method="post" action="{{ route('jobs.schedule.read', $job->id) }}">
    @csrf <input type="hidden" name="text" value="{{ $text }}"><input type="hidden" name="others" value="{{ $others->value }}">
    @foreach ($sheet->fields() as $name => $value)@if (str_starts_with($name, 'spaces-'))<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endif @endforeach
    @include('survey.sheet.columns')
    @if ($reading?->faults)@include('survey.sheet.mend')@endif
</form>
