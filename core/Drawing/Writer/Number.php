<?php

declare(strict_types=1);

namespace Underpin\Drawing\Writer;

/** Numbers as a drawing file takes them. */
final class Number
{
    /** To a hundredth, without zeros at the end. */
    public static function plain(float $number): string
    {
        return (string) (round($number, 2) + 0.0);
    }

    /** To a thousandth, always with a point. */
    public static function fixed(float $number): string
    {
        return sprintf('%.3F', round($number, 3) + 0.0);
    }
}
