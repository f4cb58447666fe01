<x-layouts.page :title="'Switching card · '.$job->name" :job="$job">
    <x-topbar><a class="jobname" href="{{ route('jobs.stage', [$job->id, 'run']) }}">← {{ $job->name }}</a>
        <x-slot:tools><button type="button" class="tool" data-key="print">print</button><a class="tool" href="{{ route('jobs.card.pdf', $job->id) }}">PDF</a></x-slot:tools>
    </x-topbar>
    <main id="page" class="card-page" tabindex="-1"><h1 class="sr">Switching card</h1>@include('documents.card-body', ['mend' => fn (Underpin\Outage\CardGap $gap) => route('jobs.stage', array_filter([$job->id, $gap->stage->value, 'at' => $gap->circuitId]))])@if ($contents->rehearsal !== null)<div class="rehearse-link">@push('scripts')@vite('resources/js/account/square.js')@endpush<div class="square" data-square="{{ $contents->rehearsal }}" role="img" aria-label="Square pattern of the rehearsal's address"></div><p>Rehearse this on a telephone: {{ $contents->rehearsal }}</p></div>@endif</main>
</x-layouts.page>
