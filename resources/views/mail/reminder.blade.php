{{ $title }}, {{ $on }}

{{ $why }}

{{ $job->shop->name }} looks after your backup power{{ $job->shop->phone ? ': '.$job->shop->phone : '' }}. Call to agree on a day.

No more of these mails: {{ $stop }}
