@php($suggestions = App\Shop\ShopLibrary::of($screen->row->shop_id)->suggest($circuit))
@if ($suggestions !== [] && ! in_array($circuit, $screen->job->feeders(), true))
    <form id="take-one" class="by-name" method="post" action="{{ route('jobs.suggestions', $screen->row->id) }}" data-parts aria-label="What its name suggests">
        @csrf<input type="hidden" name="circuit" value="{{ $circuit->id }}">
        <h3>By its name</h3>
        <ul>@foreach ($suggestions as $each)<li><b>{{ $each->typical->name }}</b> <small>{{ $each->typical->kind->value }}; {{ $each->why }}</small></li>@endforeach</ul>
        <div class="three">@foreach (Underpin\Loads\Library\Grade::cases() as $grade)
            <button type="submit" class="button {{ $grade === Underpin\Loads\Library\Grade::Usual ? 'is-primary' : '' }}" name="grade" value="{{ $grade->value }}"><small>@if ($grade === Underpin\Loads\Library\Grade::Usual)<kbd>t</kbd> @endif{{ $grade->value }}</small> {{ number_format(array_sum(array_map(fn ($s) => $s->runW($grade), $suggestions))) }} W <small>starts {{ number_format(array_sum(array_map(fn ($s) => $s->startW($grade), $suggestions))) }}</small></button>
        @endforeach</div>
        <p class="quiet">{{ ucfirst(Underpin\Loads\Library\LoadLibrary::roleOf($suggestions)->words()) }} for most households. A nameplate or a clamp meter is better.</p>
    </form>
@endif
