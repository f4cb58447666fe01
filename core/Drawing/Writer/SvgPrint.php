<?php

declare(strict_types=1);

namespace Underpin\Drawing\Writer;

use Underpin\Drawing\Anchor;
use Underpin\Drawing\Canvas;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Element\Circle;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Group;
use Underpin\Drawing\Element\Line;
use Underpin\Drawing\Element\Link;
use Underpin\Drawing\Element\Path;
use Underpin\Drawing\Element\Placed;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Pen;

/** A drawing as an SVG file that stands by itself, for paper: its pens written out, nothing that moves. */
final class SvgPrint implements Canvas
{
    /** The type of paper runs wider than that of the pages: it is made as much smaller, so that words fit the same places. */
    private const TYPE = 0.87;

    private string $svg = '';

    private function __construct()
    {
    }

    /** The whole file. */
    public static function of(Drawing $drawing): string
    {
        $print = new self;
        $drawing->drawOn($print);
        $width = Number::plain($drawing->sheet->width);
        $height = Number::plain($drawing->sheet->height);

        return '<?xml version="1.0" encoding="UTF-8"?>'."\n"
            ."<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 $width $height\" width=\"$width\" height=\"$height\">"
            .'<title>'.Markup::text($drawing->title)."</title>\n$print->svg</svg>\n";
    }

    public function layer(Layer $layer): void
    {
        $this->svg .= "<g id=\"$layer->name\">";
        $this->all($layer->elements);
        $this->svg .= "</g>\n";
    }

    public function rect(Rect $rect): void
    {
        $pen = $rect->ink->pen();
        if ($pen->hatch === null) {
            $this->svg .= self::box($rect, self::pen($pen));

            return;
        }
        $this->svg .= self::box($rect, ' fill="'.($pen->fill->value ?? 'none').'"');
        foreach ($pen->hatch->over($rect->box) as [$x1, $y1, $x2, $y2]) {
            $this->svg .= '<line x1="'.Number::plain($x1).'" y1="'.Number::plain($y1).'" x2="'.Number::plain($x2).'" y2="'
                .Number::plain($y2)."\" stroke=\"{$pen->hatch->colour->value}\" stroke-width=\"".Number::plain($pen->hatch->width).'"/>';
        }
        if ($pen->stroke !== null) {
            $this->svg .= self::box($rect, self::pen(Pen::line($pen->stroke, $pen->width)));
        }
    }

    public function line(Line $line): void
    {
        $this->svg .= '<line x1="'.Number::plain($line->x1).'" y1="'.Number::plain($line->y1).'" x2="'.Number::plain($line->x2)
            .'" y2="'.Number::plain($line->y2).'"'.self::pen($line->ink->pen()).'/>';
    }

    public function path(Path $path): void
    {
        $this->svg .= '<path d="'.SvgPath::of($path).'"'.self::pen($path->ink->pen()).'/>';
    }

    public function circle(Circle $circle): void
    {
        $this->svg .= '<circle cx="'.Number::plain($circle->x).'" cy="'.Number::plain($circle->y).'" r="'.Number::plain($circle->radius)
            .'"'.self::pen($circle->ink->pen()).'/>';
    }

    public function text(Text $text): void
    {
        $pen = $text->ink->pen();
        $this->svg .= '<text x="'.Number::plain($text->x + $text->aside).'" y="'.Number::plain($text->y).'" font-size="'
            .Number::plain($pen->size * self::TYPE)
            .'" font-family="'.($pen->isMono ? 'DejaVu Sans Mono, monospace' : 'DejaVu Sans, sans-serif').'"'
            .($pen->isBold ? ' font-weight="bold"' : '')
            .($text->anchor === Anchor::Start ? '' : ' text-anchor="'.$text->anchor->value.'"')
            .' fill="'.($pen->fill->value ?? 'none').'">'.Markup::text($text->words).'</text>';
    }

    public function group(Group $group): void
    {
        $this->svg .= '<g>';
        $this->all($group->elements);
        $this->svg .= '</g>';
    }

    public function link(Link $link): void
    {
        $this->svg .= '<g>';
        $this->all($link->elements);
        $this->svg .= '</g>';
    }

    public function placed(Placed $placed): void
    {
        $this->svg .= '<g transform="translate('.Number::plain($placed->x).' '.Number::plain($placed->y).')">';
        $this->all($placed->symbol->elements);
        $this->svg .= '</g>';
    }

    /** @param  list<Element>  $elements */
    private function all(array $elements): void
    {
        foreach ($elements as $element) {
            $element->drawOn($this);
        }
    }

    private static function box(Rect $rect, string $pen): string
    {
        return '<rect x="'.Number::plain($rect->box->x).'" y="'.Number::plain($rect->box->y).'" width="'.Number::plain($rect->box->w)
            .'" height="'.Number::plain($rect->box->h).'"'.($rect->round > 0 ? ' rx="'.Number::plain($rect->round).'"' : '')."$pen/>";
    }

    private static function pen(Pen $pen): string
    {
        return ' fill="'.($pen->fill->value ?? 'none').'"'.($pen->stroke === null ? '' : " stroke=\"{$pen->stroke->value}\" stroke-width=\""
            .Number::plain($pen->width).'"'.($pen->dash === [] ? '' : ' stroke-dasharray="'
            .implode(' ', array_map(Number::plain(...), $pen->dash)).'"'));
    }
}
