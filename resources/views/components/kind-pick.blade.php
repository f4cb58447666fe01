@props(['id', 'value'])
@php($kinds = array_column(Underpin\Job\LoadKind::cases(), 'value'))
<x-pick :id="$id" name="kind" label="Kind" :options="array_combine($kinds, $kinds)" :value="$value"/>
