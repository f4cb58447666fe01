@props(['panel', 'screen'])
@php($drawing = $screen->board($panel)->drawing())
<figure class="board {{ $screen::boardSize()->isStacked ? 'is-narrow' : '' }}" data-board>
    <x-drawing :drawing="$drawing" :screen="$screen" role="group" aria-label="{{ $drawing->title }}"/>
</figure>
