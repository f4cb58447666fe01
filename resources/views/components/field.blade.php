@props(['of' => null, 'name' => '', 'label' => '', 'value' => '', 'type' => 'text', 'unit' => null, 'hint' => null, 'id' => null, 'maxlength' => null])
@php($name = $of->name ?? $name)
@php($label = $label ?: $of?->label)
@php($unit ??= $of?->unit()?->value)
@php($maxlength ??= $of?->type instanceof Underpin\Form\Type\TextType ? $of->type->longest : null)
@php($id ??= $name.'-'.substr(md5($label.json_encode($value)), 0, 6))
<div class="field {{ $unit ? 'has-unit' : '' }}">
    <label class="label" for="{{ $id }}">{{ $label }}@if ($unit) <span class="unit">{{ $unit }}</span>@endif</label>
    <input class="input" id="{{ $id }}" name="{{ $name }}" value="{{ old($name, $value) }}" type="{{ $type }}" autocomplete="off" @if ($maxlength) maxlength="{{ $maxlength }}" @endif @if ($unit) inputmode="decimal" @endif {{ $attributes }} @error($name) aria-invalid="true" @enderror aria-describedby="{{ $id }}-error">
    @if ($hint)<p class="hint">{{ $hint }}</p>@endif
    <p class="error" id="{{ $id }}-error" data-error="{{ $name }}">@error($name){{ $message }}@enderror</p>
</div>
