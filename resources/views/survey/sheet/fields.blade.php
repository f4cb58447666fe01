@csrf <input type="hidden" name="text" value="{{ $text }}"><input type="hidden" name="others" value="{{ $others->value }}">
@foreach ($sheet->fields() as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach

