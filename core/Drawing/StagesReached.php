<?php

declare(strict_types=1);

namespace Underpin\Drawing;

use Underpin\Drawing\Element\Circle;
use Underpin\Drawing\Element\Line;

/** How far a job has come: a dot for each stage on one line, filled up to the one it has reached. */
final readonly class StagesReached
{
    private const APART = 18;

    private const RADIUS = 4.5;

    private const MARGIN = 6;

    /**
     * @param  int  $stages  how many there are
     * @param  int  $reached  place of the furthest one, from 0
     */
    public static function drawing(int $stages, int $reached): Drawing
    {
        $x = fn (int $place): float => self::MARGIN + self::APART * $place;
        $width = $x($stages - 1) + self::MARGIN;

        return new Drawing('Stages reached', Sheet::diagram($width, 2 * self::MARGIN), [
            new Layer('stages', [
                new Line($x(0), self::MARGIN, $x($stages - 1), self::MARGIN, StageDotInk::Line),
                ...array_map(
                    fn (int $place): Circle => new Circle(
                        $x($place), self::MARGIN, self::RADIUS, $place <= $reached ? StageDotInk::Reached : StageDotInk::Open,
                    ),
                    range(0, $stages - 1),
                ),
            ]),
        ]);
    }
}
