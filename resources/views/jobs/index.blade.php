<x-layouts.page title="Jobs">
    <x-topbar><span class="jobname">{{ auth()->user()->shop->name }}</span><nav class="shop-nav" aria-label="Of the shop"><a class="saved" href="{{ route('catalogue') }}">Catalogue</a><a class="saved" href="{{ route('prices') }}">Price book</a><a class="saved" href="{{ route('rules.index') }}">Local rules</a><a class="saved" href="{{ route('people') }}">People</a></nav></x-topbar>
    <main id="page" class="wide" tabindex="-1">
        <div class="stage-head">
            <h1>Jobs</h1>
            <form class="search" method="get" action="{{ route('jobs.index') }}" role="search">
                <label class="sr" for="q">Search jobs</label>
                <input class="input" id="q" name="q" type="search" value="{{ $search }}" placeholder="name, customer or place" maxlength="100">
                <button type="submit" class="button">Search</button>
            </form>
        </div>
        <div class="two">
            <section aria-label="{{ $filter->words() }}">
                <nav class="chips day-chips" aria-label="The shop's day">
                    @foreach (App\JobFile\BoardFilter::cases() as $each)<a href="{{ route('jobs.index', array_filter(['show' => $each->value, 'q' => $search, 'by_place' => $byPlace ? 1 : null])) }}" @if ($each === $filter) aria-current="page" @endif data-filter="{{ $each->value }}">{{ $each->words() }}@if ($each->value !== '') <b class="mono">{{ $counts[$each->value] }}</b>@endif</a>@endforeach
                    <a href="{{ route('jobs.index', array_filter(['show' => $filter->value, 'q' => $search, 'by_place' => $byPlace ? null : 1])) }}" @if ($byPlace) aria-current="true" @endif>By place, for one trip</a>
                </nav>
                @if ($jobs->isEmpty())
                    <div class="blank"><h2>{{ $filter !== App\JobFile\BoardFilter::All ? 'Nothing here' : ($search === '' ? 'No job yet' : 'Nothing found') }}</h2><p>{{ $search !== '' ? 'No job of these has “'.$search.'” in its name, customer or place.' : ($filter !== App\JobFile\BoardFilter::All ? 'No job is in this list today.' : 'Begin the first one at the right.') }}</p></div>
                @else
                    <ul class="jobs">
                        @foreach ($jobs as $job)
                            @php($reached = array_search($job->reached, array_map(fn ($s) => $s->key()->value, $stages), true))
                            <li>
                                <a class="job-card" href="{{ route('jobs.show', $job->id) }}">
                                    <span class="who"><b>{{ $job->name }}</b>
                                    <span class="quiet">{{ $job->customer_name ?: 'no customer yet' }}{{ $job->customer_address ? ', '.$job->customer_address : '' }}</span>
                                    @php($due = $job->dues[0] ?? null)
                                    @if ($job->install_on !== null)<span class="due-line">Work agreed for <span class="mono">{{ $job->install_on }}</span></span>@endif
                                    @if ($due !== null && $due['on'] <= now()->addDays(31)->toDateString())<span class="due-line {{ $due['on'] < $today ? 'late' : '' }}">{{ $due['title'] }}: <span class="mono">{{ $due['on'] }}</span>{{ $due['on'] < $today ? ', overdue' : '' }}@if (count($job->dues) > 1 && $job->dues[1]['on'] < $today) and {{ Underpin\Say::count(count(array_filter($job->dues, fn ($each) => $each['on'] < $today)) - 1, 'more', 'more') }}@endif</span>@endif
                                    @if ($job->waits_for !== null)<span class="due-line">Waits for {{ $job->waits_for }}</span>@endif</span>
                                    <span class="reached"><x-drawing :drawing="Underpin\Drawing\StagesReached::drawing(count($stages), $reached)" width="102" aria-hidden="true"/> {{ $stages[$reached]->title() }}</span>
                                    @if ($job->findings > 0)<span class="flag" data-severity="{{ $job->worst }}">{{ $job->findings }}<span class="sr"> findings, the worst: {{ $job->worst }}</span></span>@endif
                                    <time class="quiet" datetime="{{ $job->updated_at?->toIso8601String() }}">{{ $job->updated_at?->format('Y-m-d') }}</time>
                                </a>
                                @can('remove', $job)<form method="post" action="{{ route('jobs.destroy', $job->id) }}">@csrf @method('DELETE')<button type="submit" class="button is-quiet" title="Remove {{ $job->name }}; it can be brought back">Remove<span class="sr"> {{ $job->name }}</span></button></form>@endcan
                            </li>
                        @endforeach
                    </ul>
                    @if ($jobs->hasPages())
                        <nav class="pages" aria-label="Pages">
                            @if ($jobs->previousPageUrl())<a class="button" href="{{ $jobs->previousPageUrl() }}">Newer</a>@endif
                            <span>Page {{ $jobs->currentPage() }} of {{ $jobs->lastPage() }}</span>
                            @if ($jobs->nextPageUrl())<a class="button" href="{{ $jobs->nextPageUrl() }}">Older</a>@endif
                        </nav>
                    @endif
                @endif
            </section>
            @php($removed = App\Models\Job::onlyTrashed()->where('shop_id', auth()->user()->shop_id)->count())
            <aside class="drawer" aria-label="New job">
                <h2>New job</h2>
                @php($f = (new App\Http\Requests\Jobs\NewJobRequest)->form())
                <form id="new-job" method="post" action="{{ route('jobs.store') }}">
                    @csrf
                    <x-field :of="$f->field('name')" id="new-name" required/>
                    <button type="submit" class="button is-primary">Begin</button>
                </form>
                <h2>Bring in a job file</h2>
                <form id="import-job" method="post" action="{{ route('jobs.import') }}" enctype="multipart/form-data">
                    @csrf
                    <label class="label" for="job-file">Job file</label>
                    <input class="input" id="job-file" name="file" type="file" accept=".json,application/json" required>
                    @error('file')<ul class="error">@foreach ($errors->get('file') as $message)<li>{{ $message }}</li>@endforeach</ul>@enderror
                    <button type="submit" class="button">Bring in</button>
                </form>
                @if ($removed > 0)<p><a href="{{ route('jobs.bin') }}">Removed jobs ({{ $removed }})</a></p>@endif
            </aside>
        </div>
    </main>
</x-layouts.page>
