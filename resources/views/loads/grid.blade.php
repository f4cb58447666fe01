@push('scripts')@vite('resources/js/loads/grid.js')@endpush
@php($columns = $grid->columns())
@php($last = $screen->job->service->panels === [] ? null : $screen->job->service->panels[array_key_last($screen->job->service->panels)])
<x-layouts.loads :screen="$screen" title="What must run" at="list" :isTight="true">
    <x-slot:actions><div class="actions">
        <a class="button" href="{{ $screen->links->to(Underpin\StageKey::Loads) }}" data-other-view title="Board ( g, or Alt + g in a cell )"><kbd>g</kbd> Board</a>
        <x-next :screen="$screen"/>
    </div></x-slot:actions>
    @if ($last === null)
        <div class="blank"><h2>No panel yet</h2><p>Bring in a schedule from a spreadsheet, or add a panel and type its breakers here.</p>
            <a class="button is-primary" href="{{ route('jobs.schedule.create', $screen->row->id) }}">Bring in a schedule</a> <a class="button" href="{{ $screen->links->to(Underpin\StageKey::Survey) }}#add-panel">Add a panel</a></div>
    @else
    @part('loads.fits')
    @part('loads.suggested')
    <p class="grid-tools">
        <span class="select"><select data-grid-filter="role" data-of="loads-grid" aria-label="Role shown"><option value="">every role</option>@foreach (Underpin\Job\Role::cases() as $role)<option value="{{ $role->value }}">{{ $role->words() }}</option>@endforeach</select></span>
        <span class="select"><select data-grid-filter="leg" data-of="loads-grid" aria-label="Leg shown"><option value="">both legs</option>@foreach (Underpin\Legs\Leg::cases() as $leg)<option value="{{ $leg->value }}">{{ $leg->words() }}</option>@endforeach</select></span>
        <label class="choice"><input type="checkbox" data-grid-filter="missing" data-of="loads-grid"> missing figures only</label>
        <button class="button" type="button" data-grid-tool="fill" data-of="loads-grid">Fill down <kbd>Ctrl D</kbd></button>
        <button class="button" type="button" data-grid-tool="more" data-of="loads-grid">Another load <kbd>Ctrl ↵</kbd></button>
        <span id="loads-grid-says" class="grid-says" role="status"></span>
    </p>
    <section class="scroll is-tall is-sheet" tabindex="0" aria-label="Breakers and what hangs on them"><table class="table grid loads-grid" id="loads-grid" data-grid="{{ route('jobs.grid.update', $screen->row->id) }}" data-needs="amps" data-suggestions="{{ route('jobs.suggestions', $screen->row->id) }}">
        <thead><tr>@foreach ($columns as $field)<th scope="col" data-col="{{ $field->name }}" aria-sort="none"><button type="button" id="gh-{{ $field->name }}" data-grid-sort="{{ $field->name }}">{{ $field->label }}@if ($field->unit()) <small>{{ $field->unit()->value }}</small>@endif</button></th>@endforeach<th scope="col" data-col="take"><span class="sr">Take what the name suggests</span></th></tr></thead>
        <tbody>@foreach ($grid->rows() as $row)@include('loads.grid-row')@endforeach
            <tr data-row="" data-blank>@foreach ($columns as $field)<td data-col="{{ $field->name }}"><input data-column="{{ $field->name }}" value="{{ $field->name === 'panel' ? $last->name : '' }}" aria-label="{{ $field->label }}, new breaker" @if ($field->name === 'name') placeholder="Another breaker" @if ($screen->job->circuits() === []) autofocus @endif @endif @if ($field->name === 'leg') readonly tabindex="-1" @endif @if ($field->name === 'space') placeholder="next free" @endif autocomplete="off"></td>@endforeach<td data-col="take"></td></tr>
        </tbody>
    </table></section>
    @part('loads.sums')
    @endif
</x-layouts.loads>
