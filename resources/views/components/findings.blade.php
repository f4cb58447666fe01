@props(['findings', 'edition', 'screen'])
@foreach (array_slice($findings, 0, 3) as $finding)<x-finding :finding="$finding" :edition="$edition" :screen="$screen"/>@endforeach
@if (count($findings) > 3)
    <details class="more"><summary>and {{ count($findings) - 3 }} more</summary>
        @foreach (array_slice($findings, 3) as $finding)<x-finding :finding="$finding" :edition="$edition" :screen="$screen"/>@endforeach
    </details>
@endif
