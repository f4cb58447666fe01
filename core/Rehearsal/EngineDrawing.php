<?php

declare(strict_types=1);

namespace Underpin\Rehearsal;

use Underpin\Drawing\Anchor;
use Underpin\Drawing\Box;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Line;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Ink;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Plot\PlotInk;
use Underpin\Drawing\Sheet;
use Underpin\Drawing\Strip\StripInk;
use Underpin\Say;

/** What the engine feels: both legs on one scale, with what it carries for hours and for a moment. */
final class EngineDrawing
{
    private const WIDTH = 300;

    private const LEFT = 50;

    /** From the words of one limit to those of the next. */
    private const ROW = 16;

    private const RIGHT = 62;

    private const BAR = 22;

    public static function of(Rehearsal $rehearsal, State $state): Drawing
    {
        $supply = $rehearsal->house->supply;
        $legs = $rehearsal->house->legs($rehearsal->fed($state));
        $most = max(1.0, 1.15 * $supply->surgeLimitAmps(), $legs->worstAmps());
        $x = fn (float $amps): float => self::LEFT + (self::WIDTH - self::LEFT - self::RIGHT) * $amps / $most;
        $both = $supply->feedsBothLegs();

        return new Drawing('What the engine feels', Sheet::diagram(self::WIDTH, $both ? 106 : 76), [
            new Layer('legs', [
                ...self::bar($both ? 'Leg A' : 'Hot', $legs->aAmps, 8, $x, StripInk::RunningA, $most),
                ...$both ? self::bar('Leg B', $legs->bAmps, 38, $x, StripInk::RunningB, $most) : [],
            ]),
            new Layer('limits', [
                ...self::limit('for hours', $supply->runLimitAmps(), $x, $both, 1),
                ...self::limit('a moment', $supply->surgeLimitAmps(), $x, $both, 2),
            ]),
        ]);
    }

    /**
     * @param  callable(float): float  $x
     * @return list<Element>
     */
    private static function bar(string $name, float $amps, float $y, callable $x, Ink $ink, float $most): array
    {
        return [
            new Text(0, $y + 16, $name, PlotInk::Words), new Rect(new Box($x(0.0), $y, $x($most) - $x(0.0), self::BAR), StripInk::Track),
            ...$amps > 0.0 ? [new Rect(new Box($x(0.0), $y, $x($amps) - $x(0.0), self::BAR), $ink)] : [],
            new Text(self::WIDTH - self::RIGHT + 8, $y + 16, Say::amps($amps), PlotInk::Words),
        ];
    }

    /**
     * @param  callable(float): float  $x
     * @return list<Element>
     */
    private static function limit(string $name, float $amps, callable $x, bool $both, int $row): array
    {
        $foot = $both ? 68 : 38;
        $isRight = $x($amps) > self::WIDTH / 2;

        return [
            new Line($x($amps), 2, $x($amps), $foot + ($row - 1) * self::ROW, PlotInk::Mark),
            new Text(
                $x($amps) + ($isRight ? -4 : 4), $foot + $row * self::ROW, "$name ".Say::figure($amps), PlotInk::Words,
                $isRight ? Anchor::End : Anchor::Start,
            ),
        ];
    }
}
