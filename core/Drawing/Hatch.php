<?php

declare(strict_types=1);

namespace Underpin\Drawing;

use LogicException;

/** Parallel lines over a face, so that it differs without colour. */
final readonly class Hatch
{
    /**
     * @param  float  $spacing  between the lines, square to them
     * @param  list<Slope>  $slopes  one for a hatch, both for a cross-hatch
     */
    public function __construct(public Colour $colour, public float $width, public float $spacing, public array $slopes)
    {
        if ($spacing <= 0) {
            throw new LogicException('A hatch without spacing never ends.');
        }
    }

    /**
     * The lines that lie on a box, cut off at its edges.
     *
     * @return list<array{float, float, float, float}> x and y of one end, then of the other
     */
    public function over(Box $box): array
    {
        $step = $this->spacing * M_SQRT2;
        $lines = [];
        foreach ($this->slopes as $slope) {
            // Each line crosses the box's top at x = from; a rising one runs to the left as it goes down.
            for ($from = $step / 2; $from < $box->w + $box->h; $from += $step) {
                $start = $from - min($from, $box->h);
                $end = min($from, $box->w);
                $lines[] = match ($slope) {
                    Slope::Rising => [$box->x + $start, $box->y + $from - $start, $box->x + $end, $box->y + $from - $end],
                    Slope::Falling => [$box->right() - $start, $box->y + $from - $start, $box->right() - $end, $box->y + $from - $end],
                };
            }
        }

        return $lines;
    }
}
