<article class="card-sheet">
    @include('documents.card-head')
    <div class="card-flow">@foreach ($contents->sections as $section)<section class="card-part{{ $section->isOrder ? ' card-order' : '' }}">@include('documents.card-section')</section>@endforeach</div>
    @if ($contents->practice() !== '')<p class="card-practice">{{ $contents->practice() }}</p>@endif
    <footer class="card-foot">{{ $contents->foot }}</footer>
</article>
