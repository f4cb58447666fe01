@props(['title', 'job' => null])
<!DOCTYPE html>
<html lang="en" data-theme="{{ request()->cookie('night') === '1' ? 'night' : 'day' }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    <title>{{ $title }} · Underpin</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/css/app.scss', 'resources/js/app.js'])
    @stack('scripts')
</head>
<body @if ($job) data-job="{{ $job->id }}" @endif>
<a class="skip" href="#page">To the content</a>
@include('parts.patterns')
@if ($job)<p class="print-shop"><b>{{ $job->shop->name }}</b>{{ $job->shop->phone !== '' ? ', '.$job->shop->phone : '' }}</p>@endif
{{ $slot }}
<div id="toast" class="toast" role="status" aria-live="polite">{{ session('status') }}@if (session('restore'))
    <form method="post" action="{{ route('jobs.restore', session('restore')) }}">@csrf<button type="submit" class="link">Bring it back</button></form>@endif</div>
<div id="unsaved" class="toast unsaved is-bad" role="alert"></div>
<dialog id="conflict" aria-label="Changed by somebody else"></dialog>
@auth
    @include('parts.finder')
    @include('parts.keys')
    @include('parts.begin')
@endauth
</body>
</html>
