<div id="part-findings" class="found-here" data-at="{{ $screen->at ?? '' }}">
    <x-findings :screen="$screen" :edition="$screen->job->authority->rules->edition" :findings="$screen->findings()"/>
</div>
