<x-layouts.loads :screen="$screen" title="Three ways side by side" at="schools">
    @php($basis = $screen->job->basis)
    <section class="scroll" tabindex="0" aria-label="Three ways side by side"><table class="table schools">
        <thead><tr><th scope="col">Way</th><th scope="col">What</th><th scope="col" class="num">Leg A</th><th scope="col" class="num">Leg B</th><th scope="col" class="num">Together</th><th scope="col">Note</th></tr></thead>
        <tbody>@foreach ($comparison->rows as $i => $row)
            <tr class="{{ $row->basis === $basis->use ? 'is-used' : '' }}">
                <th scope="row">@if ($i === 0 || $comparison->rows[$i - 1]->basis !== $row->basis){{ ucfirst($row->basis->value) }}@endif</th>
                <td>{{ $row->what }}</td>
                @if ($row->aAmps === null)<td colspan="3" class="quiet num">–</td>@else<td class="num">{{ number_format($row->aAmps, 1) }} A</td><td class="num">{{ number_format($row->bAmps, 1) }} A</td><td class="num">{{ $row->totalVa === null ? '' : number_format($row->totalVa).' VA' }}</td>@endif
                <td class="quiet">{{ $row->note }}</td>
            </tr>
        @endforeach</tbody>
    </table></section>
    <section aria-label="Why they differ"><h2>Why they differ</h2>
        @if ($comparison->differences === [])<p class="quiet">Nothing to compare yet: list the loads, measure some, and work the calculation out.</p>@endif
        <ul class="because">@foreach ($comparison->differences as $why)<li>{{ $why }}</li>@endforeach</ul>
    </section>
    <section class="way" aria-label="What sizing uses"><h2>What sizing uses</h2>
        <p>Now: <b>{{ $basis->use->words() }}</b>.@if ($basis->reason !== '') {{ $basis->reason }}@endif</p>
        <x-may deed="decide" :of="$screen->row">
        @php($f = (new App\Http\Requests\Loads\FiguresRequest)->form())
        <form id="schools-form" method="post" action="{{ route('jobs.schools.update', $screen->row->id) }}" class="sheet-form">
            @csrf @method('PUT')
            <x-was :values="['figures' => $basis->use->value, 'figures_reason' => $basis->reason]"/>
            <x-pick :of="$f->field('figures')" id="sc-figures" :options="array_combine(array_column(Underpin\Job\LoadBasis::cases(), 'value'), array_map(fn ($s) => $s->words(), Underpin\Job\LoadBasis::cases()))" :value="$basis->use->value"/>
            <x-field :of="$f->field('figures_reason')" id="sc-reason" :value="$basis->reason"/>
            <button type="submit" class="button is-primary">Size by this</button>
        </form>
        </x-may>
    </section>
</x-layouts.loads>
