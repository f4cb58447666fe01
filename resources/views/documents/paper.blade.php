<!DOCTYPE html>
<html lang="en"><head><meta charset="utf-8"><title>{{ $title }}: {{ $job->name }}</title>
<style>
@page { margin: 36pt; }
body { font-family: Archivo, "DejaVu Sans", sans-serif; font-size: 9.5pt; color: #111; }
h1 { font-size: 16pt; margin: 14pt 0 2pt; } h2 { font-size: 11.5pt; margin: 14pt 0 3pt; page-break-after: avoid; } p { margin: 4pt 0; line-height: 1.35; }
table { width: 100%; border-collapse: collapse; margin: 4pt 0; }
th, td { border-bottom: .5pt solid #888; padding: 2.5pt 4pt 2.5pt 0; text-align: left; vertical-align: top; }
thead th { border-bottom: 1pt solid #111; }
tr.sum td { border-top: 1pt solid #111; font-weight: bold; }
.day { white-space: nowrap; }
.head { border-bottom: 1pt solid #111; padding-bottom: 4pt; font-size: 8.5pt; }
.warning { border: 1.5pt solid #9E2F21; padding: 4pt; color: #9E2F21; font-weight: bold; }
.fill { margin-top: 22pt; border-top: .5pt solid #111; width: 60%; font-size: 8.5pt; }
.mark { width: 210pt; height: 70pt; border-bottom: .5pt solid #111; }
.sheet { page-break-before: always; text-align: center; } .sheet h2 { text-align: left; }
.foot { border-top: 1pt solid #111; padding-top: 4pt; margin-top: 18pt; font-size: 8pt; }
</style></head><body>
<div class="head"><b>{{ $row->shop->name }}</b>{{ $row->shop->phone ? ', '.$row->shop->phone : '' }}. {{ $written->format('Y-m-d') }}. {{ $job->name }}.</div>
<h1>{{ $title }}</h1>
@foreach ($blocks as $block)
    @if ($block->heading !== '')<h2>{{ $block->heading }}</h2>@endif
    @if ($block->words !== '')<p @if ($block->isWarning) class="warning" @endif>{{ $block->words }}</p>@endif
    @if ($block->rows !== [])<table><thead><tr>@foreach ($block->rows[0] as $cell)<th>{{ $cell }}</th>@endforeach</tr></thead><tbody>@foreach (array_slice($block->rows, 1, null, true) as $i => $cells)<tr @if ($i === $block->sum) class="sum" @endif>@foreach ($cells as $cell)<td @if ($isDay($cell)) class="day" @endif>{{ $cell }}</td>@endforeach</tr>@endforeach</tbody></table>@endif
    @if ($block->mark)<img class="mark" src="data:image/svg+xml;base64,{{ $svg($block->mark) }}" alt="">@endif
    @foreach ($block->lines as $line)<p class="fill">{{ $line }}</p>@endforeach
    @if ($block->drawing)@php([$width, $height] = $size($block->drawing))<div class="sheet"><h2>{{ $block->drawing->title }}</h2><img src="data:image/svg+xml;base64,{{ $svg($block->drawing) }}" style="width: {{ $width }}pt; height: {{ $height }}pt" alt=""></div>@endif
@endforeach
<p class="foot">Written from what was stated in this job. A licensed electrician and the local authority{{ $job->authority->rules->authority === '' ? '' : ' ('.$job->authority->rules->authority.')' }} decide; it does not say that anything is dead, or safe to energize. {{ $job->authority->rules->edition }}{{ $job->authority->rules->dated ? ', local rules as of '.$job->authority->rules->dated : '' }}.</p>
</body></html>
