<?php

declare(strict_types=1);

namespace Underpin\Drawing\Site;

use Underpin\Drawing\Box;
use Underpin\Drawing\Element\Point;
use Underpin\Drawing\Element\Trace;

/** What of a shape lies on the plan: paper has no edge that cuts off by itself. Sutherland and Hodgman's way, for convex shapes. */
final class Clip
{
    /** straight pieces that a half circle is cut into: they stay within a ten-thousandth of its radius */
    private const PIECES = 120;

    /** The same where all of it lies there; null: nothing of it does. */
    public static function within(Box $box, Trace $shape): ?Trace
    {
        $corners = self::straight($shape);
        $isInside = array_filter($corners, fn (array $at): bool => $at[0] < $box->x || $at[0] > $box->right()
            || $at[1] < $box->y || $at[1] > $box->bottom()) === [];
        if ($isInside) {
            return $shape;
        }
        foreach ([[0, $box->x, 1], [0, $box->right(), -1], [1, $box->y, 1], [1, $box->bottom(), -1]] as [$axis, $edge, $side]) {
            $corners = self::cut($corners, $axis, $edge, $side);
        }

        return $corners === [] ? null : Trace::closed(array_map(fn (array $at): Point => new Point($at[0], $at[1]), $corners));
    }

    /** @return list<array{float, float}> corners of the shape, its half circles in straight pieces */
    private static function straight(Trace $shape): array
    {
        $corners = [];
        foreach ($shape->points as $i => $from) {
            $to = $shape->points[($i + 1) % count($shape->points)];
            $corners[] = [$from->x, $from->y];
            if ($from->bulge === 0.0) {
                continue;
            }
            [$x, $y, $radius] = [($from->x + $to->x) / 2, ($from->y + $to->y) / 2, hypot($to->x - $from->x, $to->y - $from->y) / 2];
            $start = atan2($from->y - $y, $from->x - $x);
            for ($n = 1; $n < self::PIECES; $n++) {
                $angle = $start + M_PI * $n / self::PIECES;
                $corners[] = [$x + $radius * cos($angle), $y + $radius * sin($angle)];
            }
        }

        return $corners;
    }

    /**
     * @param  list<array{float, float}>  $corners
     * @param  0|1  $axis
     * @param  1|-1  $side  on which side of the edge is kept
     * @return list<array{float, float}>
     */
    private static function cut(array $corners, int $axis, float $edge, int $side): array
    {
        $kept = [];
        foreach ($corners as $i => $from) {
            $to = $corners[($i + 1) % count($corners)];
            $isIn = $side * ($from[$axis] - $edge) >= 0;
            if ($isIn) {
                $kept[] = $from;
            }
            if ($isIn !== ($side * ($to[$axis] - $edge) >= 0)) {
                $share = ($edge - $from[$axis]) / ($to[$axis] - $from[$axis]);
                $kept[] = [$from[0] + $share * ($to[0] - $from[0]), $from[1] + $share * ($to[1] - $from[1])];
            }
        }

        return $kept;
    }
}
