<a class="drawer-close" href="{{ $screen->links->to($screen->stage) }}" data-deselect>Close</a>
<h2>{{ $circuit->label() }} · {{ $circuit->name ?: 'unnamed' }}</h2>
<p class="quiet">{{ $circuit->breakerAmps }} A {{ $circuit->position->poles === 2 ? 'two-pole' : 'one-pole' }}{{ $circuit->protection->mark() ? ', '.$circuit->protection->mark() : '' }}, {{ $circuit->leg()->words() }}@if ($circuit->position->half), {{ $circuit->position->poles === 2 ? 'a pair of a quad' : 'half of a tandem' }}@endif</p>
@part('parts.role')
@part('parts.own')
@include($screen->page->drawer()->selected)
@include('parts.photos', ['shelf' => App\Screens\PhotoShelf::of($screen->row, App\Photos\PhotoOf::Circuit, $circuit->id)])
