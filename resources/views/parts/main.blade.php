<div id="part-main">
    @include('stages.'.$screen->stage->value)
</div>
