<x-layouts.page title="Help"><x-topbar><a class="jobname" href="{{ route('jobs.index') }}">← Jobs</a></x-topbar>
    <main id="page" class="wide guide" tabindex="-1">
        <h1>Help</h1>
        <nav class="chips" aria-label="Chapters">@foreach ($chapters as $heading => $words)<a href="#{{ Str::slug($heading) }}">{{ $heading }}</a>@endforeach <a href="#keys-here">Keys</a> <a href="#sections">Sections cited</a></nav>
        @foreach ($chapters as $heading => $words)
            <section id="{{ Str::slug($heading) }}" tabindex="-1"><h2>{{ $heading }}</h2>{!! App\Find\Guide::markup($words) !!}</section>
        @endforeach
        <section id="keys-here" tabindex="-1"><h2>Keys</h2>@include('parts.key-list')</section>
        <section id="sections" tabindex="-1"><h2>Sections cited</h2>
            <p class="quiet">As the edition of 2023 numbers them; the words of a job follow the edition that its local rules name. The authority may have amended any of them.</p>
            <section class="scroll" tabindex="0" aria-label="Sections cited"><table class="table"><thead><tr><th scope="col">Section</th><th scope="col">What it says</th><th scope="col">Cited for</th></tr></thead>
                <tbody>@foreach ($sections as [$section, $says, $for])<tr id="{{ App\Find\Rules::anchor($section) }}"><th scope="row" class="mono">{{ $section }}</th><td>{{ $says }}</td><td>{{ $for }}</td></tr>@endforeach</tbody></table></section>
        </section>
    </main>
</x-layouts.page>
