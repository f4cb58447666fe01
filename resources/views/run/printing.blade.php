<x-layouts.page :title="'Switching card · '.$job->name" :job="$job">
    <x-topbar><a class="jobname" href="{{ route('jobs.stage', [$job->id, 'run']) }}">← {{ $job->name }}</a></x-topbar>
    <main id="page" class="door" tabindex="-1">
        <h1>A long card</h1>
        <p>This house has very many breakers: its card takes some seconds, and goes onto several sheets.</p>
        @include('parts.run')
    </main>
</x-layouts.page>
