<div id="part-findings" class="found-here" data-at="{{ $screen->at ?? '' }}">
    <x-findings :findings="$screen->findings()"/>
</div>
