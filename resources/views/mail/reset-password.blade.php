Hello {{ $name }},

somebody, probably you, asked for a new password for Underpin. Set it here within an hour:

{!! $url !!}

If it was not you, nothing needs to be done: the old password stays.
