@props(['name', 'label', 'value' => '', 'type' => 'text', 'unit' => null, 'hint' => null, 'id' => null])
@php($id ??= $name.'-'.substr(md5($label.json_encode($value)), 0, 6))
<div class="field {{ $unit ? 'has-unit' : '' }}">
    <label class="label" for="{{ $id }}">{{ $label }}@if ($unit) <span class="unit">{{ $unit }}</span>@endif</label>
    <input class="input" id="{{ $id }}" name="{{ $name }}" value="{{ old($name, $value) }}" type="{{ $type }}" autocomplete="off" @if ($unit) inputmode="decimal" @endif {{ $attributes }} @error($name) aria-invalid="true" @enderror aria-describedby="{{ $id }}-error">
    @if ($hint)<p class="hint">{{ $hint }}</p>@endif
    <p class="error" id="{{ $id }}-error" data-error="{{ $name }}">@error($name){{ $message }}@enderror</p>
</div>
