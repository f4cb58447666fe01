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
use Underpin\Drawing\Element\Trace;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Pen;
use Underpin\Drawing\Sheet;

/**
 * A drawing in DXF of the release that every CAD program reads (AC1009), in millimetres, y upward.
 * Faces that are filled and have no edge are solids, hatches are lines, symbols are blocks.
 */
final class DxfCanvas implements Canvas
{
    /** height of a capital letter as a share of the size of the type */
    private const CAPITAL = 0.7;

    private string $entities = '';

    /** @var array<string, string> entities by the name of the block */
    private array $blocks = [];

    private string $layer = '0';

    /** @param  float  $top  what lies this many units down is at y = 0 */
    private function __construct(private readonly Sheet $sheet, private readonly float $top)
    {
    }

    public static function of(Drawing $drawing): string
    {
        $canvas = new self($drawing->sheet, $drawing->sheet->height);
        $drawing->drawOn($canvas);

        return self::pairs([999, self::words($drawing->title)], [999, 'millimetres'])
            .self::section('HEADER', self::pairs(
                [9, '$ACADVER'], [1, 'AC1009'],
                [9, '$EXTMIN'], [10, '0.0'], [20, '0.0'],
                [9, '$EXTMAX'], [10, Number::fixed($drawing->sheet->widthMm())], [20, Number::fixed($drawing->sheet->heightMm())],
            ))
            .self::section('TABLES', self::tables($drawing))
            .self::section('BLOCKS', implode('', array_map(self::block(...), array_keys($canvas->blocks), $canvas->blocks)))
            .self::section('ENTITIES', $canvas->entities)
            .self::pairs([0, 'EOF']);
    }

    public function layer(Layer $layer): void
    {
        $this->layer = self::layerName($layer);
        $this->all($layer->elements);
    }

    public function rect(Rect $rect): void
    {
        $box = $rect->box;
        $pen = $rect->ink->pen();
        if ($pen->fill !== null && $pen->stroke === null && $pen->hatch === null) {
            $this->entities .= $this->entity('SOLID', $pen).self::pairs(
                [10, $this->x($box->x)], [20, $this->y($box->y)], [11, $this->x($box->right())], [21, $this->y($box->y)],
                [12, $this->x($box->x)], [22, $this->y($box->bottom())], [13, $this->x($box->right())], [23, $this->y($box->bottom())],
            );

            return;
        }
        $this->trace(Trace::around($box), $pen);
        foreach ($pen->hatch?->over($box) ?? [] as [$x1, $y1, $x2, $y2]) {
            $this->straight($x1, $y1, $x2, $y2, $pen);
        }
    }

    public function line(Line $line): void
    {
        $this->straight($line->x1, $line->y1, $line->x2, $line->y2, $line->ink->pen());
    }

    public function path(Path $path): void
    {
        foreach ($path->traces as $trace) {
            $this->trace($trace, $path->ink->pen());
        }
    }

    public function circle(Circle $circle): void
    {
        $this->entities .= $this->entity('CIRCLE', $circle->ink->pen()).self::pairs(
            [10, $this->x($circle->x)], [20, $this->y($circle->y)], [40, $this->length($circle->radius)],
        );
    }

    public function text(Text $text): void
    {
        $x = $this->x($text->x + $text->aside);
        $y = $this->y($text->y);
        $this->entities .= $this->entity('TEXT', $text->ink->pen()).self::pairs(
            [10, $x], [20, $y], [40, $this->length($text->ink->pen()->size * self::CAPITAL)], [1, self::words($text->words)],
            ...match ($text->anchor) {
                Anchor::Start => [],
                Anchor::Middle => [[72, '1'], [11, $x], [21, $y]],
                Anchor::End => [[72, '2'], [11, $x], [21, $y]],
            },
        );
    }

    public function group(Group $group): void
    {
        $this->all($group->elements);
    }

    public function link(Link $link): void
    {
        $this->all($link->elements);
    }

    public function placed(Placed $placed): void
    {
        $name = strtoupper($placed->symbol->name);
        if (! isset($this->blocks[$name])) {
            $around = new self($this->sheet, 0.0);
            $around->layer = $this->layer;
            $around->all($placed->symbol->elements);
            $this->blocks[$name] = $around->entities;
        }
        $this->entities .= self::pairs(
            [0, 'INSERT'], [8, $this->layer], [2, $name],
            [10, $this->x($placed->x)], [20, $this->y($placed->y)],
        );
    }

    /** @param  list<Element>  $elements */
    private function all(array $elements): void
    {
        foreach ($elements as $element) {
            $element->drawOn($this);
        }
    }

    private function straight(float $x1, float $y1, float $x2, float $y2, Pen $pen): void
    {
        $this->entities .= $this->entity('LINE', $pen).self::pairs(
            [10, $this->x($x1)], [20, $this->y($y1)], [11, $this->x($x2)], [21, $this->y($y2)],
        );
    }

    private function trace(Trace $trace, Pen $pen): void
    {
        $this->entities .= $this->entity('POLYLINE', $pen).self::pairs([66, '1'], [70, $trace->isClosed ? '1' : '0']);
        foreach ($trace->points as $point) {
            $this->entities .= self::pairs(
                [0, 'VERTEX'], [8, $this->layer], [10, $this->x($point->x)], [20, $this->y($point->y)],
                // y upward, an arc that is clockwise as seen has a bulge below 0.
                ...$point->bulge === 0.0 ? [] : [[42, Number::fixed(-$point->bulge)]],
            );
        }
        $this->entities .= self::pairs([0, 'SEQEND'], [8, $this->layer]);
    }

    private function entity(string $kind, Pen $pen): string
    {
        return self::pairs([0, $kind], [8, $this->layer], [62, (string) (($pen->stroke ?? $pen->fill)?->cadNumber() ?? 7)]);
    }

    private function x(float $units): string
    {
        return $this->length($units);
    }

    private function y(float $units): string
    {
        return $this->length($this->top - $units);
    }

    private function length(float $units): string
    {
        return Number::fixed($units * $this->sheet->mmPerUnit);
    }

    private static function tables(Drawing $drawing): string
    {
        $layers = '';
        foreach ($drawing->layers as $layer) {
            $layers .= self::pairs([0, 'LAYER'], [2, self::layerName($layer)], [70, '0'], [62, '7'], [6, 'CONTINUOUS']);
        }

        return self::pairs([0, 'TABLE'], [2, 'LTYPE'], [70, '1'],
            [0, 'LTYPE'], [2, 'CONTINUOUS'], [70, '0'], [3, 'Solid line'], [72, '65'], [73, '0'], [40, '0.0'], [0, 'ENDTAB'],
            [0, 'TABLE'], [2, 'LAYER'], [70, (string) count($drawing->layers)]).$layers.self::pairs([0, 'ENDTAB']);
    }

    private static function layerName(Layer $layer): string
    {
        return strtoupper($layer->name);
    }

    private static function block(string $name, string $entities): string
    {
        return self::pairs([0, 'BLOCK'], [8, '0'], [2, $name], [70, '0'], [10, '0.0'], [20, '0.0']).$entities
            .self::pairs([0, 'ENDBLK'], [8, '0']);
    }

    private static function section(string $name, string $body): string
    {
        return self::pairs([0, 'SECTION'], [2, $name]).$body.self::pairs([0, 'ENDSEC']);
    }

    /** @param  array{int, string}  ...$pairs  group code and value */
    private static function pairs(array ...$pairs): string
    {
        $text = '';
        foreach ($pairs as [$code, $value]) {
            $text .= "$code\n$value\n";
        }

        return $text;
    }

    /** One line of ASCII: other letters by their code point, as the format writes them. */
    private static function words(string $words): string
    {
        $line = (string) preg_replace('/[\x00-\x1f\x7f]+/', ' ', $words);

        return (string) preg_replace_callback(
            '/[^\x20-\x7e]/u', fn (array $letter): string => sprintf('\U+%04X', mb_ord($letter[0])), mb_scrub($line),
        );
    }
}
