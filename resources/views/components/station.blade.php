@props(['reach'])
<svg class="dot" viewBox="0 0 20 20" width="20" height="20" aria-hidden="true"><circle class="dot-ring" cx="10" cy="10" r="8"/>@if ($reach === 'part')<path class="dot-fill" d="M2 10a8 8 0 0 0 16 0z"/>@elseif ($reach === 'done')<circle class="dot-fill" cx="10" cy="10" r="8"/><path class="dot-tick" d="m6 10 3 3 5-6"/>@endif</svg>
