<h2>{{ $circuit->label() }} · {{ $circuit->name ?: 'unnamed' }}</h2>
<p class="quiet">{{ $circuit->breakerA }} A {{ $circuit->slot->poles === 2 ? 'two-pole' : 'one-pole' }}{{ $circuit->protection->mark() ? ', '.$circuit->protection->mark() : '' }}, {{ $circuit->leg()->words() }}@if ($circuit->slot->half), {{ $circuit->slot->poles === 2 ? 'a pair of a quad' : 'half of a tandem' }}@endif</p>
<form id="role-form" class="segmented" method="post" action="{{ route('jobs.circuits.role', [$screen->row->id, $circuit->id]) }}" data-parts aria-label="Role">
    @csrf @method('PATCH')
    <input type="hidden" name="stage" value="{{ $screen->stage->value }}">
    <x-was :values="['role' => $circuit->role->value]"/>
    @foreach (Underpin\Loads\Role::cases() as $i => $role)
        <button name="role" value="{{ $role->value }}" aria-pressed="{{ $circuit->role === $role ? 'true' : 'false' }}" title="{{ ucfirst($role->words()) }} ( {{ $i + 1 }} )"><kbd>{{ $i + 1 }}</kbd> {{ $role->short() }}</button>
    @endforeach
</form>
@if ($screen->stage->value === 'loads')
    @include('drawer.loads')
@else
    @include('drawer.breaker')
@endif
@include('parts.photos', ['shelf' => App\Screens\PhotoShelf::of($screen->row, App\Photos\PhotoOf::Circuit, $circuit->id)])
