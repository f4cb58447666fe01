Hello {!! $invitation->name !!},

{!! $invitation->by !!} invites you to the job files of {!! $invitation->shop->name !!} in Underpin, as {{ $invitation->role->value }}.
Open this link and choose a password:

{!! $url !!}

The link holds until {{ $invitation->expires_at->format('Y-m-d H:i') }} and works once. If you do not know this shop, do nothing.
