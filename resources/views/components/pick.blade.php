@props(['of' => null, 'name' => '', 'label' => '', 'options' => null, 'value' => null, 'id' => null])
@php($name = $of->name ?? $name)
@php($label = $label ?: $of?->label)
@php($options ??= $of?->options() ?? [])
@php($id ??= $name.'-'.substr(md5($label.json_encode($value)), 0, 6))
<div @class(['field', 'is-long' => max(0, ...array_map(mb_strlen(...), array_values($options))) > 17])>
    <label class="label" for="{{ $id }}">{{ $label }}</label>
    <div class="select"><select id="{{ $id }}" name="{{ $name }}" {{ $attributes }} aria-describedby="{{ $id }}-error">
        @foreach ($options as $key => $text)<option value="{{ $key }}" @selected((string) old($name, $value) === (string) $key)>{{ $text }}</option>@endforeach
    </select></div>
    <p class="error" id="{{ $id }}-error" data-error="{{ $name }}">@error($name){{ $message }}@enderror</p>
</div>
