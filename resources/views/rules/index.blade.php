<x-layouts.page title="Local rules">@push('scripts')@vite('resources/js/shop/prices.js')@endpush<x-topbar><a class="jobname" href="{{ route('jobs.index') }}">← Jobs</a></x-topbar>
    <main id="page" class="wide" tabindex="-1">
        <div class="stage-head"><h1>Local rules</h1>@can('stock', auth()->user()->shop)<a class="button" href="{{ route('rules.create') }}">Another authority</a>@endcan</div>
        <p class="quiet">What each authority says. A job keeps the rules that it was given, until somebody takes new ones for it.</p>
        <div class="ways gap">
            @foreach ($profiles as $key => $rules)
                <section class="way">
                    <h2>{{ $rules->authority }}</h2>
                    <dl class="waits">@foreach ($rules->lines() as $rule => $is)@if ($rule !== 'Authority')<div><dt>{{ $rule }}</dt><dd>{{ $is }}</dd></div>@endif @endforeach<div><dt>Source</dt><dd>{{ $rules->source ?: 'not said' }}{{ $rules->dated ? ', '.$rules->dated : '' }}</dd></div></dl>
                    <a class="button" href="{{ route('rules.edit', $key) }}">Edit<span class="sr"> {{ $rules->authority }}</span></a>
                </section>
            @endforeach
        </div>
        @if (session('not-taken'))<div class="notice" role="status"><b>Not taken:</b><ul>@foreach (session('not-taken') as $line)<li>{{ $line }}</li>@endforeach</ul></div>@endif
        <x-may deed="stock" :of="auth()->user()->shop">@include('rules.ranges')<x-shop-history :events="$events"/></x-may>
    </main>
</x-layouts.page>
