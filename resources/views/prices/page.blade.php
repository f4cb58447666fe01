<x-layouts.page title="Price book">
    @push('scripts')@vite('resources/js/shop/prices.js')@endpush
    <x-topbar><a class="jobname" href="{{ route('jobs.index') }}">← Jobs</a></x-topbar>
    <main id="page" class="wide" tabindex="-1">
        <div class="stage-head"><h1>Price book</h1></div>
        <p class="jump">On this page: <a href="#parts-sheet">parts</a> <a href="#work-sheet">work</a> <a href="#terms">how prices are made</a></p>
        @if (session('not-taken'))<div class="notice" role="status"><b>Not taken:</b><ul>@foreach (session('not-taken') as $line)<li>{{ $line }}</li>@endforeach</ul></div>@endif
        <x-may deed="stock" :of="auth()->user()->shop">
        @include('prices.parts')
        @include('prices.work')
        @include('prices.terms')
        <x-shop-history :events="$events"/>
        </x-may>
    </main>
</x-layouts.page>
