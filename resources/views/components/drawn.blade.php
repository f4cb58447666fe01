@props(['screen', 'kind'])
@php($drawing = Underpin\Drawing\Drawings::standard()->find($kind))
@foreach ($drawing->sheets($screen->design()) as $sheet)
    <section class="gap drawn {{ $kind }}"><h2 @if ($loop->first)id="{{ $kind }}" tabindex="-1"@endif>{{ $sheet->title }}</h2>
        <figure class="one-line" tabindex="0" role="group" aria-label="{{ $sheet->title }}; the same in words below it"><x-drawing :drawing="$sheet" :screen="$screen" width="{{ (int) $sheet->sheet->width }}"/></figure>
        <x-drawing-files :screen="$screen" :drawing="$kind" :sheet="$loop->iteration"/>
        <details><summary>The same in words</summary><section class="scroll" tabindex="0" aria-label="{{ $sheet->title }} in words"><table class="table"><thead><tr>@foreach ($sheet->twin[0] as $cell)<th scope="col">{{ $cell }}</th>@endforeach</tr></thead><tbody>@foreach (array_slice($sheet->twin, 1) as $row)<tr>@foreach ($row as $cell)<td>{{ $cell }}</td>@endforeach</tr>@endforeach</tbody></table></section></details>
    </section>
@endforeach
