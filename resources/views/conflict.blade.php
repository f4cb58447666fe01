@php($back = url()->previous())
@if (request()->headers->has('X-Parts'))
    @include('parts.conflict')
@else
    <x-layouts.page title="Changed by somebody else"><x-topbar/><main id="page" class="wide" tabindex="-1">@include('parts.conflict')</main></x-layouts.page>
@endif
