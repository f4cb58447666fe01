@props(['screen'])
@php($rules = $screen->job->authority->rules)
<div class="print-head">
    <p><b>{{ $screen->row->name }}</b><br>{{ $screen->row->customer_name ?: 'Customer not named yet' }}{{ $screen->row->customer_address ? ', '.$screen->row->customer_address : '' }}</p>
    <p class="print-right">{{ $screen->report()->stage->title() }}, printed {{ now()->format('Y-m-d') }}{{ $screen->steps->last ? ', last change '.$screen->steps->last->at->format('Y-m-d') : '' }}<br>{{ $rules->authority ?: 'No local amendments named' }}, {{ $rules->edition }}{{ $rules->dated ? ', as of '.$rules->dated : '' }}</p>
    <p class="print-verdict"><b>{{ $screen->strip->headline }}</b> {{ $screen->strip->detail }}</p>
</div>
