<div id="part-own" class="found-here" data-at="{{ $screen->at ?? '' }}">
    <x-findings :screen="$screen" :aside="false" :edition="$screen->job->authority->rules->edition" :findings="$screen->ownFindings()"/>
</div>
