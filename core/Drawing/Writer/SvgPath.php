<?php

declare(strict_types=1);

namespace Underpin\Drawing\Writer;

use Underpin\Drawing\Element\Path;
use Underpin\Drawing\Element\Point;
use Underpin\Drawing\Element\Trace;

/** The words of a path in SVG, as short as they go. */
final class SvgPath
{
    public static function of(Path $path): string
    {
        return implode('', array_map(self::trace(...), $path->traces));
    }

    private static function trace(Trace $trace): string
    {
        $first = $from = $trace->points[0];
        $words = 'M'.Number::plain($first->x).' '.Number::plain($first->y);
        foreach (array_slice($trace->points, 1) as $to) {
            $words .= self::step($from, $to);
            $from = $to;
        }

        return $words.($trace->isClosed ? ($from->bulge === 0.0 ? 'z' : self::step($from, $first).'z') : '');
    }

    private static function step(Point $from, Point $to): string
    {
        $dx = Number::plain(round($to->x, 2) - round($from->x, 2));
        $dy = Number::plain(round($to->y, 2) - round($from->y, 2));
        if ($from->bulge !== 0.0) {
            $chord = hypot($to->x - $from->x, $to->y - $from->y);
            $radius = Number::plain($chord * (1 + $from->bulge ** 2) / (4 * abs($from->bulge)));

            return "a$radius $radius 0 ".(abs($from->bulge) > 1 ? 1 : 0).' '.($from->bulge > 0 ? 1 : 0)." $dx $dy";
        }

        return match (true) {
            $dy === '0' => "h$dx",
            $dx === '0' => "v$dy",
            default => "l$dx $dy",
        };
    }
}
