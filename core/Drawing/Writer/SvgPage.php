<?php

declare(strict_types=1);

namespace Underpin\Drawing\Writer;

use Closure;
use LogicException;
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
use Underpin\Drawing\Ink;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Sheet;
use Underpin\Drawing\Spot;

/** A drawing as SVG within a page: classes in the place of colours, so that theme and focus reach it. */
final class SvgPage implements Canvas
{
    private string $svg = '';

    /** @param  ?Closure(Spot): string  $address  of the page that a link leads to; none where it leads nowhere */
    private function __construct(private readonly Sheet $sheet, private readonly ?Closure $address)
    {
    }

    /**
     * What stands between the tags of the page's svg element.
     *
     * @param  ?Closure(Spot): string  $address  of the page that a link leads to
     */
    public static function inner(Drawing $drawing, ?Closure $address = null): string
    {
        $page = new self($drawing->sheet, $address);
        $drawing->drawOn($page);

        return $page->svg;
    }

    /**
     * One element alone, to take the place of the one that is on the page.
     *
     * @param  ?Closure(Spot): string  $address  of the page that a link leads to
     */
    public static function element(Element $element, Sheet $sheet, ?Closure $address = null): string
    {
        $page = new self($sheet, $address);
        $element->drawOn($page);

        return $page->svg;
    }

    /** The attributes of the svg element that give it its size. */
    public static function size(Sheet $sheet): string
    {
        return $sheet->stretches
            ? 'width="100%" height="'.Number::plain($sheet->height).'"'
            : 'viewBox="0 0 '.Number::plain($sheet->width).' '.Number::plain($sheet->height).'"';
    }

    public function layer(Layer $layer): void
    {
        $this->svg .= "<g data-layer=\"$layer->name\">";
        $this->all($layer->elements);
        $this->svg .= "</g>\n";
    }

    public function rect(Rect $rect): void
    {
        $box = $rect->box;
        $this->svg .= '<rect'.self::ink($rect->ink).' x="'.$this->across($box->x).'" y="'.Number::plain($box->y)
            .'" width="'.$this->across($box->w).'" height="'.Number::plain($box->h).'"'
            .($rect->round > 0 ? ' rx="'.Number::plain($rect->round).'"' : '').'/>';
    }

    public function line(Line $line): void
    {
        $this->svg .= '<line'.self::ink($line->ink).' x1="'.$this->across($line->x1).'" y1="'.Number::plain($line->y1)
            .'" x2="'.$this->across($line->x2).'" y2="'.Number::plain($line->y2).'"/>';
    }

    public function path(Path $path): void
    {
        if ($this->sheet->stretches) {
            throw new LogicException('A path cannot be written in shares of a width: use lines on a sheet that stretches.');
        }
        $this->svg .= '<path'.self::ink($path->ink).' d="'.SvgPath::of($path).'"/>';
    }

    public function circle(Circle $circle): void
    {
        $this->svg .= '<circle'.self::ink($circle->ink).' cx="'.$this->across($circle->x).'" cy="'.Number::plain($circle->y)
            .'" r="'.Number::plain($circle->radius).'"/>';
    }

    public function text(Text $text): void
    {
        $this->svg .= '<text'.self::ink($text->ink).' x="'.$this->across($text->x).'" y="'.Number::plain($text->y).'"'
            .($text->aside === 0.0 ? '' : ' dx="'.Number::plain($text->aside).'"')
            .($text->anchor === Anchor::Start ? '' : ' text-anchor="'.$text->anchor->value.'"').'>'.Markup::text($text->words)."</text>\n";
    }

    public function group(Group $group): void
    {
        $this->svg .= '<g role="img" aria-label="'.Markup::text($group->spoken).'">';
        $this->all($group->elements);
        $this->svg .= '</g>';
    }

    public function link(Link $link): void
    {
        if ($this->address === null) {
            $this->group(new Group($link->spoken, $link->elements));

            return;
        }
        $this->svg .= '<a'.($link->id === '' ? '' : ' id="'.Markup::text($link->id).'"').' class="'.$link->kind
            .($link->isSelected ? ' is-selected" aria-current="true"' : '"').' href="'.Markup::text(($this->address)($link->to)).'"';
        foreach ($link->facts as $name => $value) {
            $this->svg .= " data-$name=\"".Markup::text($value).'"';
        }
        $this->svg .= ' aria-label="'.Markup::text($link->spoken).'">'
            .($link->title === '' ? '' : '<title>'.Markup::text($link->title).'</title>');
        $this->all($link->elements);
        $this->svg .= '</a>';
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

    /** A place or a width across: a share of the whole where the sheet stretches. */
    private function across(float $units): string
    {
        return $this->sheet->stretches ? Number::plain(100 * $units / $this->sheet->width).'%' : Number::plain($units);
    }

    private static function ink(Ink $ink): string
    {
        return ' class="'.$ink->cssClass().'"';
    }
}
