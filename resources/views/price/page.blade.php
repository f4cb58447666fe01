@php($quotes = $screen->job->quotes)
<div class="stage-head"><h1>Price and papers</h1><x-next :screen="$screen"/></div>
<p class="jump">On this page: <a href="#price">price</a> <a href="#quotes">quotes</a> <a href="#parts">parts</a> <a href="#papers">papers</a> <a href="#dates">dates</a></p>
<x-findings :screen="$screen" :edition="$screen->job->authority->rules->edition" :findings="$screen->findings()"/>
@include('price.compared')
@if ($offered->estimates !== [])@include('price.offer')@endif
@include('price.quotes')
@include('price.parts')
@include('price.papers')
@include('price.dates')
<p class="caution">A list of parts is no permit: the authority and the utility say what they want to see, and the labels of the parts come first.</p>
