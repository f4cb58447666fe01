@foreach ($parts as $part)
@include('parts.'.$part)
@endforeach
