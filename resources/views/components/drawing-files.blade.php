@props(['screen', 'drawing', 'sheet' => 1, 'said' => 'Drawing'])
<p class="take-along">{{ $said }}: @foreach (['pdf' => 'PDF', 'svg' => 'SVG', 'dxf' => 'DXF'] as $format => $name)<a href="{{ route('jobs.drawings', [$screen->row->id, $drawing, $sheet, $format]) }}" download>{{ $name }}</a> @endforeach</p>
