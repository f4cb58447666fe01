@props(['screen', 'drawing', 'sheet' => 1])
<p class="take-along">Drawing: @foreach (['pdf' => 'PDF', 'svg' => 'SVG', 'dxf' => 'DXF'] as $format => $said)<a href="{{ route('jobs.drawings', [$screen->row->id, $drawing, $sheet, $format]) }}" download>{{ $said }}</a> @endforeach</p>
