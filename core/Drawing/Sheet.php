<?php

declare(strict_types=1);

namespace Underpin\Drawing;

use LogicException;

/**
 * The ground that a drawing stands on: its size in units, and what a unit is in millimetres of the
 * real thing or, for a diagram, of the paper.
 */
final readonly class Sheet
{
    /** millimetres of a pixel of a page, 96 to the inch */
    private const PIXEL_MM = 25.4 / 96;

    /** @param  bool  $stretches  on a page it is as wide as its place, and only what is across grows with it */
    private function __construct(public float $width, public float $height, public float $mmPerUnit, public bool $stretches)
    {
        if ($width <= 0 || $height <= 0 || $mmPerUnit <= 0) {
            throw new LogicException("A sheet of $width by $height units of $mmPerUnit mm has no room.");
        }
    }

    /** To scale: so many millimetres of the real thing a unit. */
    public static function scaled(float $width, float $height, float $mmPerUnit): self
    {
        return new self($width, $height, $mmPerUnit, false);
    }

    /** Not to scale: a unit is a pixel of the page. */
    public static function diagram(float $width, float $height): self
    {
        return new self($width, $height, self::PIXEL_MM, false);
    }

    /** Not to scale, and on a page as wide as its place. */
    public static function stretching(float $width, float $height): self
    {
        return new self($width, $height, self::PIXEL_MM, true);
    }

    public function widthMm(): float
    {
        return $this->width * $this->mmPerUnit;
    }

    public function heightMm(): float
    {
        return $this->height * $this->mmPerUnit;
    }
}
