@if ($circuit = $screen->circuit())
<div id="part-role" data-at="{{ $circuit->id }}">
<form id="role-form" class="segmented" method="post" action="{{ route('jobs.circuits.role', [$screen->row->id, $circuit->id]) }}" data-parts aria-label="Role">
    @csrf @method('PATCH')
    <input type="hidden" name="stage" value="{{ $screen->stage->value }}">
    <x-was :of="Underpin\Job\Part\CircuitPart::form()->only('role')" :values="Underpin\Job\Part\CircuitPart::write($circuit)"/>
    @foreach (Underpin\Job\Role::cases() as $i => $role)
        <button type="submit" name="role" value="{{ $role->value }}" aria-pressed="{{ $circuit->role === $role ? 'true' : 'false' }}" title="{{ ucfirst($role->words()) }} ( {{ $i + 1 }} )"><kbd>{{ $i + 1 }}</kbd> {{ $role->short() }}</button>
    @endforeach
</form>
</div>
@endif
