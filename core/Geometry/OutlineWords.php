<?php

declare(strict_types=1);

namespace Underpin\Geometry;

/** An outline as one types it: "46 x 28 at 10,5", or lengths and turns "40 left 28 left 40" from a corner to the right. Feet. */
final class OutlineWords
{
    private const NUMBER = '(\d+(?:\.\d+)?)';

    private const AT = '(?:\s+at\s+(-?\d+(?:\.\d+)?)\s*,\s*(-?\d+(?:\.\d+)?))?';

    /** @return ?list<array{float, float}> corners; null: it is neither of the two */
    public static function corners(string $text): ?array
    {
        $words = (string) preg_replace('/(?<=[\d\s])(?:feet|ft)\b/', ' ', strtolower(trim(str_replace('×', 'x', $text))));
        $words = trim((string) preg_replace('/\s+/', ' ', $words));

        return self::rectangle($words) ?? self::walk($words);
    }

    /** @return ?list<array{float, float}> */
    private static function rectangle(string $words): ?array
    {
        if (preg_match('/^'.self::NUMBER.'\s*(?:x|by)\s*'.self::NUMBER.self::AT.'$/', $words, $found) !== 1) {
            return null;
        }
        [$w, $d, $x, $y] = [(float) $found[1], (float) $found[2], (float) ($found[3] ?? 0), (float) ($found[4] ?? 0)];

        return [[$x, $y], [$x + $w, $y], [$x + $w, $y + $d], [$x, $y + $d]];
    }

    /** @return ?list<array{float, float}> */
    private static function walk(string $words): ?array
    {
        $leg = '(?:\s*(?:left|right|l|r)\s*'.self::NUMBER.')';
        if (preg_match('/^('.self::NUMBER.$leg.'+)'.self::AT.'$/', $words, $found) !== 1) {
            return null;
        }
        $count = count($found);
        [$x, $y] = [(float) ($found[$count - 2] ?? 0), (float) ($found[$count - 1] ?? 0)];
        if (! str_contains($words, ' at ')) {
            [$x, $y] = [0.0, 0.0];
        }
        preg_match_all('/(left|right|l|r)?\s*'.self::NUMBER.'/', $found[1], $legs, PREG_SET_ORDER);
        $start = [$x, $y];
        [$dx, $dy] = [1, 0];
        $corners = [$start];
        foreach ($legs as [, $turn, $ft]) {
            [$dx, $dy] = match ($turn[0] ?? '') {
                'l' => [-$dy, $dx],
                'r' => [$dy, -$dx],
                default => [$dx, $dy],
            };
            $x += $dx * (float) $ft;
            $y += $dy * (float) $ft;
            $corners[] = [$x, $y];
        }
        if (count($corners) > 1 && hypot($x - $start[0], $y - $start[1]) < 1e-6) {
            array_pop($corners);
        }

        return $corners;
    }
}
