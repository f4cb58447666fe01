@php($f = (new App\Http\Requests\Size\GrowthRequest)->form())
@php($free = array_sum(array_map(fn ($panel) => count($panel->freeSpaces()), $screen->job->service->panels)))
<section class="growth" aria-label="Growth"><h2>Would it still hold with more?</h2>
    @if ($screen->job->growth->loads !== [])
    <div class="scroll" tabindex="0" role="group" aria-label="What may come"><table class="table">
        <thead><tr><th scope="col">What may come</th><th scope="col">With it</th><th scope="col"><span class="sr">Remove</span></th></tr></thead>
        <tbody>@foreach ($picked === null ? [] : Underpin\Sizing\GrownFit::each($picked, $screen->design()->assembly(), $screen->job->growth->loads) as $i => $grown)
            @php($load = $screen->job->growth->loads[$i] ?? null)
            <tr data-tone="{{ $grown->fit->verdict->tone() }}"><th scope="row">{{ $grown->name }}@if ($load) <small>{{ Underpin\Say::watts($load->runW) }}{{ $load->startW ? ', starts at '.Underpin\Say::watts($load->startW) : '' }}, {{ $load->volts }} V</small>@endif</th><td>{{ $grown->words($free) }}</td>
            <td>@if ($load)<form id="growth-{{ $load->id }}" method="post" action="{{ route('jobs.growth.destroy', $row->id) }}" data-parts>@csrf @method('DELETE')<input type="hidden" name="id" value="{{ $load->id }}"><button type="submit" class="button is-quiet">Remove<span class="sr"> {{ $load->name }}</span></button></form>@endif</td></tr>
        @endforeach</tbody></table></div>
    <p class="quiet">A 120 V load is put on the leg that carries less. The breaker, the wire and the utility's service to it are not judged here.</p>
    @endif
    <form id="growth-form" class="sheet-form" method="post" action="{{ route('jobs.growth', $row->id) }}" data-parts>@csrf
        <div class="fields"><x-field :of="$f->field('name')" id="gr-name"/><x-pick :of="$f->field('kind')" id="gr-kind"/><x-pick :of="$f->field('volts')" id="gr-volts" :value="240"/><x-field :of="$f->field('run_w')" id="gr-run"/><x-field :of="$f->field('start_w')" id="gr-start"/></div>
        <button type="submit" class="button">Ask</button> <span class="quiet">a heat pump, a car charger, a second freezer</span></form>
</section>
