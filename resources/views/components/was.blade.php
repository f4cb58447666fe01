@props(['values'])
<input type="hidden" name="was" value="{{ json_encode($values) }}">
