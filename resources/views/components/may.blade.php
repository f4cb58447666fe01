@props(['deed', 'of', 'who' => 'an electrician'])
@if (auth()->user()?->can($deed, $of))
{{ $slot }}
@else
<p class="looks" role="note">You can look: this is for {{ $who }} of the shop to change.</p>
<fieldset class="whole" disabled>{{ $slot }}</fieldset>
@endif
