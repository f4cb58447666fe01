@props(['drawing', 'screen' => null])
<svg {{ $attributes }} {!! Underpin\Drawing\Writer\SvgPage::size($drawing->sheet) !!}>{!! Underpin\Drawing\Writer\SvgPage::inner($drawing, $screen === null ? null : $screen->address(...)) !!}</svg>
