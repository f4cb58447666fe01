<?php

declare(strict_types=1);

namespace Underpin\Drawing\Site;

use Underpin\Drawing\Box;
use Underpin\Drawing\Element\Line;
use Underpin\Drawing\Element\Point as Corner;
use Underpin\Drawing\Element\Trace;
use Underpin\Drawing\Sheet;
use Underpin\Geometry\Point;
use Underpin\Geometry\Polygon;
use Underpin\Geometry\Segment;

/** From feet on the ground to units of the sheet: to scale, up is up. */
final readonly class SiteScale
{
    private const MM_PER_FT = 304.8;

    private const WIDEST = 640.0;

    private const HIGHEST = 680.0;

    /** units; a plan of a narrow lot has room for words beside it */
    private const NARROWEST = 440.0;

    private const MOST_PER_FT = 16.0;

    private const MARGIN_FT = 6.0;

    /** units a foot; where the left edge and the top of the sheet are, feet */
    public float $perFt;

    public float $left;

    public float $top;

    private float $widthFt;

    private float $heightFt;

    /** @param  list<Point>  $points  everything that must be seen */
    public function __construct(array $points)
    {
        $x = array_map(fn (Point $p): float => $p->x, $points);
        $y = array_map(fn (Point $p): float => $p->y, $points);
        $left = min([0.0, ...$x]) - self::MARGIN_FT;
        $this->top = max([20.0, ...$y]) + self::MARGIN_FT;
        $width = max([30.0, ...$x]) + self::MARGIN_FT - $left;
        $this->heightFt = $this->top - min([0.0, ...$y]) + self::MARGIN_FT;
        $this->perFt = min(self::WIDEST / $width, self::HIGHEST / $this->heightFt, self::MOST_PER_FT);
        $this->widthFt = max($width, self::NARROWEST / $this->perFt);
        $this->left = $left - ($this->widthFt - $width) / 2;
    }

    public function sheet(float $below): Sheet
    {
        return Sheet::scaled($this->widthFt * $this->perFt, $this->heightFt * $this->perFt + $below, self::MM_PER_FT / $this->perFt);
    }

    public function bottom(): float
    {
        return $this->heightFt * $this->perFt;
    }

    public function right(): float
    {
        return $this->widthFt * $this->perFt;
    }

    public function x(float $ft): float
    {
        return ($ft - $this->left) * $this->perFt;
    }

    public function y(float $ft): float
    {
        return ($this->top - $ft) * $this->perFt;
    }

    public function corner(Point $point, float $bulge = 0.0): Corner
    {
        return new Corner($this->x($point->x), $this->y($point->y), $bulge);
    }

    /** @return array{float, float} */
    public function at(Point $point): array
    {
        return [$this->x($point->x), $this->y($point->y)];
    }

    public function outline(Polygon $area): Trace
    {
        return Trace::closed(array_map(fn (Point $p) => $this->corner($p), $area->corners));
    }

    public function line(Segment $line, SiteInk $ink): Line
    {
        return new Line(...[...$this->at($line->from), ...$this->at($line->to), $ink]);
    }

    /** All of the sheet above its foot. */
    public function plan(): Box
    {
        return new Box(0, 0, $this->right(), $this->bottom());
    }

    public function box(Polygon $rectangle): Box
    {
        [$low, $high] = [$rectangle->corners[0], $rectangle->corners[2]];

        return new Box(
            $this->x($low->x), $this->y($high->y), ($high->x - $low->x) * $this->perFt, ($high->y - $low->y) * $this->perFt,
        );
    }
}
