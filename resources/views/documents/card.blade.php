@php($p = $fit->points)
<!DOCTYPE html>
<html lang="en"><head><meta charset="utf-8"><title>Switching card: {{ $contents->file->name }}</title>
<style>
@page { margin: {{ $fit::MARGIN_Y }}pt {{ $fit::MARGIN_X }}pt; }
body { font-family: Archivo, "DejaVu Sans", sans-serif; font-size: {{ $p }}pt; line-height: {{ $fit::LINE }}; color: #111; margin: 0; }
p, ol, ul { margin: 0; } ol, ul { padding-left: {{ $fit::INDENT * $p }}pt; } li { margin-bottom: {{ $fit::GAP }}pt; } small { font-size: {{ $fit::SMALL * $p }}pt; color: #333; }
h2 { font-size: {{ $fit::HEAD * $p }}pt; margin: 0; } h3 { font-size: {{ $fit::TITLE * $p }}pt; margin: 5pt 0 2pt; border-bottom: 1.5pt solid #111; }
.card-numbers { margin: 2pt 0 4pt; } .card-draft { border: 2pt solid #9E2F21; padding: 4pt 6pt; margin-bottom: 5pt; } .card-cautions { margin-bottom: 4pt; padding: 4pt 6pt 4pt {{ $fit::INDENT * $p + 4 }}pt; border: 1.5pt solid #111; }
.card-columns { width: 100%; border-collapse: collapse; } .card-columns > tbody > tr > td { vertical-align: top; padding: 0; }
.card-list { width: 100%; border-collapse: collapse; } .card-list th { text-align: left; font-weight: normal; color: #333; padding: 0 2pt; }
.card-list td { border-bottom: .7pt solid #777; padding: 1.2pt 2pt; } .card-list .space { font-weight: bold; font-size: {{ $fit::SPACE * $p }}pt; white-space: nowrap; } .card-list .n { color: #333; } .card-list .wait { text-align: right; white-space: nowrap; }
.mark-order { border: 1.2pt solid #2F6B3A; color: #2F6B3A; padding: 0 2pt; border-radius: 5pt; } .mark-room { border: 1.2pt dashed #8A5A00; color: #8A5A00; padding: 0 2pt; } .mark-off { border: 1.2pt solid #9E2F21; color: #9E2F21; padding: 0 2pt; }
.card-practice { margin-top: 4pt; } .card-foot { margin-top: 6pt; font-size: {{ $fit::foot($p) }}pt; color: #333; }
.card-square { float: right; width: {{ $fit::SQUARE }}pt; height: {{ $fit::SQUARE_TALL }}pt; margin-left: {{ $fit::BESIDE_SQUARE - $fit::SQUARE }}pt; font-size: 7pt; text-align: center; } .card-square img { width: {{ $fit::SQUARE }}pt; height: {{ $fit::SQUARE }}pt; } .card-draft, .card-cautions { clear: right; }
.card-mark { margin-bottom: 4pt; } .line { margin-bottom: 3pt; } .line b { font-size: {{ $fit::SPACE * $p }}pt; }
</style></head><body>
@php($square = $contents->rehearsal === null ? null : App\Documents\SquarePattern::of($contents->rehearsal))
@if ($square !== null)<div class="card-square"><img src="{{ $square }}" alt="Square pattern of the rehearsal's address">Rehearse it</div>@endif
@include('documents.card-head')
@if ($fit->isOneSheet)
    <table class="card-columns" role="presentation"><tr>
        <td style="width: {{ $fit->left }}pt; padding-right: {{ $fit::GUTTER }}pt">@foreach (array_slice($contents->sections, 0, $fit->split) as $section)@include('documents.card-section', ['isPaper' => true])@endforeach</td>
        <td>@foreach (array_slice($contents->sections, $fit->split) as $section)@include('documents.card-section', ['isPaper' => true])@endforeach</td>
    </tr></table>
@else
    @foreach ($contents->sections as $section)
        @if ($section->order !== [])
            <h3>{{ $section->title }}</h3>
            @foreach ($section->order as $i => $row)<p class="line">{{ $i + 1 }}. <b>{{ $row->thrown() }}</b> {{ $row->name }}{{ $row->places === [] && $contents->namesPanels ? ', '.$row->panel : '' }}, then wait {{ $row->waitWords() }}</p>@endforeach
        @elseif ($section->off !== [])
            <h3>{{ $section->title }}</h3>
            @foreach ($section->off as $row)<p>Never {{ $row->label }} {{ $row->name }}{{ $contents->namesPanels ? ', '.$row->panel : '' }}</p>@endforeach
        @else
            @include('documents.card-section', ['isPaper' => true])
        @endif
    @endforeach
@endif
@if ($contents->practice() !== '')<p class="card-practice">{{ $contents->practice() }}</p>@endif
<div class="card-foot">{{ $contents->foot }}</div>
</body></html>
