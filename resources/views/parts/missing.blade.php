<div id="part-missing" class="missing">
    @if ($screen->report()->missing !== [])
        <h3>Still missing here</h3>
        <ul>@foreach ($screen->report()->missing as $what)<li>{{ $what }}</li>@endforeach</ul>
    @endif
</div>
