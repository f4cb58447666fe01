<?php

declare(strict_types=1);

namespace Underpin\Drawing\Element;

use LogicException;
use Underpin\Drawing\Box;

/** A line through points, closed or open. */
final readonly class Trace
{
    /** @param  non-empty-list<Point>  $points */
    private function __construct(public array $points, public bool $isClosed)
    {
    }

    /** @param  list<Point>  $points */
    public static function open(array $points): self
    {
        return new self($points === [] ? throw new LogicException('A trace needs a point.') : $points, false);
    }

    /** @param  list<Point>  $points */
    public static function closed(array $points): self
    {
        return new self($points === [] ? throw new LogicException('A trace needs a point.') : $points, true);
    }

    /** @param  array{float, float}  ...$corners */
    public static function through(array ...$corners): self
    {
        return self::open(array_map(fn (array $at): Point => new Point($at[0], $at[1]), array_values($corners)));
    }

    public static function around(Box $box): self
    {
        return new self([
            new Point($box->x, $box->y), new Point($box->right(), $box->y),
            new Point($box->right(), $box->bottom()), new Point($box->x, $box->bottom()),
        ], true);
    }
}
