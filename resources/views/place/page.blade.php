@php($plan = $screen->job->plan)
@php($place = $screen->design()->place())
@php($machine = $screen->job->generator->machine)
@php($edition = $screen->job->authority->rules->edition)
<div class="stage-head"><h1>Where it stands</h1><x-next :screen="$screen"/></div>
<x-findings :screen="$screen" :edition="$edition" :findings="$screen->findings()"/>
@if ($plan->isEmpty())
    <div class="blank"><h2>Draw the house first</h2><p>A rectangle is enough: type it below as <b>46 x 28</b>, or draw it here. Then its doors and windows, the property line, and the machine. Everything that counts is measured from there.</p></div>
@endif
@if ($plan->isEmpty())@include('place.buildings')@endif
@php($drawn = new Underpin\Drawing\Site\SitePlanDrawing($screen->design()))
@php($sheet = $drawn->drawing())
<div class="place">
    <figure class="one-line site-plan" tabindex="0" role="group" aria-label="Site plan{{ $plan->isEmpty() ? ', empty' : '; the same in words below it' }}" data-per-ft="{{ $drawn->at->perFt }}" data-left="{{ $drawn->at->left }}" data-top="{{ $drawn->at->top }}" data-look="{{ route('jobs.place.look', $screen->row->id) }}" @can('decide', $screen->row) data-move="{{ route('jobs.place.move', $screen->row->id) }}" @endcan @if ($plan->spot) data-x="{{ $plan->spot->x }}" data-y="{{ $plan->spot->y }}" @endif>
        <p class="draw-help" id="draw-help" role="status" hidden></p>
        <x-drawing :drawing="$sheet" :screen="$screen" width="{{ (int) $sheet->sheet->width }}"/>
    </figure>
    <div>
        @if ($place)
            @include('place.live', ['design' => $screen->design()])
        @elseif ($machine === null)
            <p class="caution">No machine is picked: its size and its listing decide the distances.</p><a class="button is-primary" href="{{ $screen->links->to(Underpin\StageKey::Size) }}">Pick a machine</a>
        @elseif ($machine->form->isBattery())
            <p>A battery station has no exhaust, and no distance is measured here. It stands dry, level and cool, as its instructions say.</p>
        @else
            <p class="caution">{{ $plan->spot ? 'How large the machine is, is not known: type its width and depth.' : 'The machine is not placed yet: say where it stands.' }}</p>
        @endif
    </div>
</div>
@if (! $plan->isEmpty())
    <x-drawing-files :screen="$screen" drawing="site-plan" :sheet="1"/>
    <details><summary>The same in words</summary><section class="scroll" tabindex="0" aria-label="Site plan in words"><table class="table"><thead><tr>@foreach ($sheet->twin[0] as $cell)<th scope="col">{{ $cell }}</th>@endforeach</tr></thead><tbody>@foreach (array_slice($sheet->twin, 1) as $row)<tr>@foreach ($row as $cell)<td>{{ $cell }}</td>@endforeach</tr>@endforeach</tbody></table></section></details>
@endif
<x-may deed="decide" :of="$screen->row">@include('place.machine')</x-may>
@if (! $plan->isEmpty())@include('place.buildings')@endif
@include('place.things')
@include('place.fuel')
<p class="caution">Exhaust kills. A machine runs outdoors only, exhaust away from every opening, the neighbors' too; 20 ft is a floor for a portable, not a promise. What its label, the authority and the gas utility say comes first.</p>
