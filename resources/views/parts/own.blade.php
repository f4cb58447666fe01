<div id="part-own" class="found-here" data-at="{{ $screen->at ?? '' }}">
    <x-findings :findings="$screen->ownFindings()"/>
</div>
