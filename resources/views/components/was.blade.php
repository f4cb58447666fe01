@props(['values', 'of' => null])
@php($names = $of === null ? array_keys($values) : array_map(fn ($field) => $field->name, $of->fields()))
<input type="hidden" name="was" value="{{ json_encode(array_intersect_key($values, array_flip($names))) }}">
