<?php

declare(strict_types=1);

namespace Underpin\Drawing\OneLine;

use Underpin\Drawing\Anchor;
use Underpin\Drawing\Box;
use Underpin\Drawing\Element\Circle;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Link;
use Underpin\Drawing\Element\Path;
use Underpin\Drawing\Element\Point;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Element\Trace;
use Underpin\Drawing\Spot;

/** The graphic symbols of a one-line diagram, about a point. */
final class OneLineSymbols
{
    public const R = 24.0;

    /** @return list<Element> a circle with a letter: G for a generator, M for the meter */
    public static function machine(float $x, float $y, string $letter): array
    {
        return [new Circle($x, $y, self::R, OneLineInk::Symbol), new Text($x, $y + 5, $letter, OneLineInk::Name, Anchor::Middle)];
    }

    /** @return list<Element> the source that is not ours: a triangle on its point */
    public static function utility(float $x, float $y): array
    {
        return [
            new Path([Trace::through([$x - 22, $y - 18], [$x + 22, $y - 18], [$x, $y + 18], [$x - 22, $y - 18])], OneLineInk::Conductor),
        ];
    }

    /** @return list<Element> a plug and its receptacle: two half circles that look at each other */
    public static function plug(float $x, float $y): array
    {
        $arc = fn (float $from, float $bulge): Trace => Trace::open([new Point($x - 12, $from, $bulge), new Point($x + 12, $from)]);

        return [new Path([$arc($y - 3, 1.0), $arc($y + 9, 1.0)], OneLineInk::Generators)];
    }

    /** @return list<Element> a breaker that lies: a gap under an arc */
    public static function breaker(float $x, float $y, OneLineInk $ink): array
    {
        return [
            new Rect(new Box($x - 11, $y - 4, 22, 8), OneLineInk::Symbol),
            new Path([Trace::open([new Point($x - 13, $y - 6, 0.45), new Point($x + 13, $y - 6)])], $ink),
        ];
    }

    /** @return list<Element> the sign for earth, a bond of neutral and ground beside it */
    public static function bond(float $x, float $y): array
    {
        $bar = fn (float $down, float $half): Trace => Trace::through([$x - $half, $y + $down], [$x + $half, $y + $down]);

        return [new Path([Trace::through([$x, $y - 6], [$x, $y]), $bar(0, 8), $bar(4, 5), $bar(8, 2.5)], OneLineInk::Bond)];
    }

    /** @return list<Element> two contacts and one blade, on the utility's as long as nothing has happened */
    public static function transfer(float $x, float $y, float $half): array
    {
        return [
            new Path([
                Trace::through([$x - $half, $y], [$x - 26, $y]), Trace::through([$x, $y + 34], [$x - 23, $y + 3]),
                Trace::through([$x, $y + 34], [$x, $y + 46]),
            ], OneLineInk::Conductor),
            new Path([Trace::through([$x + 26, $y], [$x + $half, $y])], OneLineInk::Generators),
            new Circle($x - 24, $y, 3.5, OneLineInk::Symbol), new Circle($x + 24, $y, 3.5, OneLineInk::Symbol),
            new Circle($x, $y + 34, 3.5, OneLineInk::Symbol),
        ];
    }

    /**
     * What leads to its row of the wire table.
     *
     * @param  list<Element>  $elements
     */
    public static function part(string $id, string $spoken, array $elements): Link
    {
        return new Link(Spot::part($id), 'ol-link', '', $spoken, '', false, [], $elements);
    }
}
