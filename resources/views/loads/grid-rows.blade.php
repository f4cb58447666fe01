<table data-lines><tbody>@foreach ($rows as $row)@include('loads.grid-row')@endforeach</tbody></table>
