<?php

declare(strict_types=1);

namespace Underpin\Keep;

use Underpin\Codebook\ContactLimits;
use Underpin\Drawing\Anchor;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Element\Circle;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Line;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Plot\PlotInk;
use Underpin\Drawing\Sheet;
use Underpin\Job\Log\Pole;
use Underpin\Job\Log\SwitchService;
use Underpin\Measure\Interval\CivilDay;
use Underpin\Say;

/** Contact resistance of both poles of a switch over the years, with what each may come to. */
final class TrendDrawing
{
    private const WIDTH = 640;

    private const HEIGHT = 200;

    private const LEFT = 60;

    private const RIGHT = 90;

    private const TOP = 16;

    private const BOTTOM = 30;

    public static function of(SwitchTrend $trend, string $name): Drawing
    {
        $poles = ['A' => fn (SwitchService $s): Pole => $s->a, 'B' => fn (SwitchService $s): Pole => $s->b];
        $days = array_map(fn (SwitchService $s): int => CivilDay::ofAnyYear($s->on) ?? 0, $trend->services);
        $all = [];
        foreach ($poles as $pole) {
            foreach ($trend->services as $service) {
                $all[] = $service->microhms($pole($service)) ?? 0.0;
            }
            $all[] = $trend->limit($pole) ?? 0.0;
        }
        $most = max([1.0, ...$all]) * 1.1;
        $from = $days === [] ? 0 : min($days);
        $span = max(1, max([0, ...$days]) - $from);
        $x = fn (int $day): float => self::LEFT + (self::WIDTH - self::LEFT - self::RIGHT) * ($day - $from) / $span;
        $y = fn (float $ohms): float => self::HEIGHT - self::BOTTOM - (self::HEIGHT - self::TOP - self::BOTTOM) * $ohms / $most;

        return new Drawing("Contact resistance of $name", Sheet::diagram(self::WIDTH, self::HEIGHT), [
            new Layer('scale', self::scale($trend, $x, $y, $most)),
            ...array_map(fn (string $pole): Layer => new Layer('pole-'.strtolower($pole), self::pole($trend, $pole, $poles[$pole], $x, $y)),
                array_keys($poles)),
        ]);
    }

    /**
     * @param  callable(int): float  $x
     * @param  callable(float): float  $y
     * @return list<Element>
     */
    private static function scale(SwitchTrend $trend, callable $x, callable $y, float $most): array
    {
        $elements = [
            new Line(self::LEFT, $y(0.0), self::WIDTH - self::RIGHT, $y(0.0), PlotInk::Grid),
            new Text(self::LEFT - 8, $y(0.0), '0', PlotInk::Words, Anchor::End),
            new Text(self::LEFT - 8, $y($most / 1.1), Say::figure(round($most / 1.1)).' µΩ', PlotInk::Words, Anchor::End),
        ];
        foreach ($trend->services as $service) {
            $elements[] = new Text($x(CivilDay::ofAnyYear($service->on) ?? 0), self::HEIGHT - 10, substr($service->on, 0, 7),
                PlotInk::Words, Anchor::Middle);
        }

        return $elements;
    }

    /**
     * @param  callable(SwitchService): Pole  $of
     * @param  callable(int): float  $x
     * @param  callable(float): float  $y
     * @return list<Element>
     */
    private static function pole(SwitchTrend $trend, string $pole, callable $of, callable $x, callable $y): array
    {
        $ink = $pole === 'A' ? PlotInk::LegA : PlotInk::LegB;
        $elements = [];
        $before = null;
        foreach ($trend->services as $service) {
            $ohms = $service->microhms($of($service));
            if ($ohms === null) {
                continue;
            }
            $at = [$x(CivilDay::ofAnyYear($service->on) ?? 0), $y($ohms)];
            array_push($elements, ...$before === null ? [] : [new Line($before[0], $before[1], $at[0], $at[1], $ink)], ...[
                new Circle($at[0], $at[1], 4, $ink),
            ]);
            $before = $at;
        }
        $limit = $trend->limit($of);

        return [
            ...$elements,
            // The two labels stand apart, also where the poles do not.
            ...$before === null ? [] : [
                new Text($before[0] + 8, $before[1] + ($pole === 'A' ? 14 : -4), "pole $pole", PlotInk::Words, Anchor::Start),
            ],
            ...$limit === null ? [] : [
                new Line(self::LEFT, $y($limit), self::WIDTH - self::RIGHT, $y($limit), PlotInk::Mark),
                ...$pole === 'A' ? [new Text(
                    self::LEFT + 8, $y($limit) - 6, Say::figure(ContactLimits::ACT_AT).' times the first reading', PlotInk::Words,
                )] : [],
            ],
        ];
    }
}
