@props(['circuit', 'board', 'screen'])
@php($box = $board->box($circuit->position))
@php($right = $board::isRight($circuit->position->space))
@php($role = $circuit->role->value)
@php($mid = $box->middle())
@php($on = $role === 'must')
@php($flagged = $screen->review->onCircuit($circuit->id) !== [])
<a id="c-{{ $circuit->id }}" class="breaker {{ $screen->at === $circuit->id ? 'is-selected' : '' }} {{ $circuit->position->half ? 'is-half' : '' }}" href="{{ route('jobs.stage', [$screen->row->id, $screen->stage->value, 'at' => $circuit->id]) }}" data-at="{{ $circuit->id }}" data-space="{{ $circuit->position->space }}" data-leg="{{ $circuit->leg()->value }}" data-role="{{ $role }}" aria-label="{{ $board::shortName($circuit) }} {{ $circuit->breakerAmps }} {{ $circuit->protection->short() }}{{ $board->tiedBox($circuit->position) ? ' tied to '.$circuit->position->space.'a' : '' }}, {{ $circuit->title() }}, {{ $circuit->leg()->words() }}, {{ $circuit->role->words() }}{{ $flagged ? ', has findings' : '' }}" @if ($screen->at === $circuit->id) aria-current="true" @endif>
    <title>{{ $circuit->title() }}</title>
    @if ($tied = $board->tiedBox($circuit->position))
        <rect class="face" x="{{ $tied->x }}" y="{{ $tied->y }}" width="{{ $tied->w }}" height="{{ $tied->h }}" rx="4"/>
        <path class="tie" d="M{{ $right ? $box->x + 2 : $box->right() - 2 }} {{ $mid }} h{{ $right ? -7 : 7 }} V{{ $tied->middle() }} h{{ $right ? 7 : -7 }}"/>
    @endif
    <rect class="face" x="{{ $box->x }}" y="{{ $box->y }}" width="{{ $box->w }}" height="{{ $box->h }}" rx="4"/>
    @if ($role === 'must')<rect class="bar" x="{{ $right ? $box->right() - 9 : $box->x }}" y="{{ $box->y }}" width="9" height="{{ $box->h }}" rx="2"/>
    @elseif ($role === 'room')<rect class="bar-frame" x="{{ $right ? $box->right() - 9 : $box->x }}" y="{{ $box->y }}" width="9" height="{{ $box->h }}" rx="2"/><rect class="bar" x="{{ $right ? $box->right() - 9 : $box->x }}" y="{{ $mid }}" width="9" height="{{ $box->h / 2 }}" rx="2"/>@endif
    <rect class="handle" x="{{ $right ? $box->x + 10 : $box->right() - 38 }}" y="{{ $mid - 8 }}" width="28" height="16" rx="4"/>
    <rect class="{{ $on ? 'handle-on' : 'handle-off' }}" x="{{ ($right ? $box->x + 10 : $box->right() - 38) + (($on xor $right) ? 14 : 0) }}" y="{{ $mid - 8 }}" width="14" height="16" rx="4"/>
    <text class="name" x="{{ $right ? $box->right() - 18 : $box->x + 18 }}" y="{{ $mid + 5 }}" text-anchor="{{ $right ? 'end' : 'start' }}">{{ $board::shortName($circuit) }}</text>
    <text class="amps" x="{{ $right ? $box->x + 46 : $box->right() - 46 }}" y="{{ $mid + 5 }}" text-anchor="{{ $right ? 'start' : 'end' }}">{{ $circuit->breakerAmps }}@if ($circuit->protection->short() !== '') {{ $circuit->protection->short() }}@endif</text>
    @if ($tied)<text class="name" x="{{ $right ? $tied->right() - 18 : $tied->x + 18 }}" y="{{ $tied->middle() + 5 }}" text-anchor="{{ $right ? 'end' : 'start' }}">tied to {{ $circuit->position->space }}a</text>@endif
    @if ($flagged)<circle class="flagged" cx="{{ $right ? $box->right() - 4.5 : $box->x + 4.5 }}" cy="{{ $box->y + 7 }}" r="5"/>@endif
</a>
