<?php

declare(strict_types=1);

namespace Underpin;

/** Figures and lists in sentences. Rounding happens here and nowhere before. */
final class Say
{
    public static function amps(float $amps): string
    {
        return number_format($amps, 1).' A';
    }

    /** Amperes that are over a limit, with as many digits as it takes to see it. */
    public static function ampsOver(float $amps, float $limit): string
    {
        return self::amps($amps) === self::amps($limit) ? 'a hair over '.self::amps($amps) : self::amps($amps);
    }

    /** A bare number as short as it is: "30", "37.5". */
    public static function figure(?float $value): string
    {
        return $value === null ? 'not known' : rtrim(rtrim(number_format($value, 1), '0'), '.');
    }

    /** A temperature as a survey says it, and as the tables of the code do: "95 °F (35 °C)". */
    public static function ambient(float $celsius): string
    {
        return number_format($celsius * 9 / 5 + 32).' °F ('.number_format($celsius).' °C)';
    }

    public static function watts(float $watts): string
    {
        return number_format($watts).' W';
    }

    public static function pct(float $pct): string
    {
        return number_format($pct, abs($pct) < 10 ? 1 : 0).' %';
    }

    public static function volts(float $volts): string
    {
        return number_format($volts, 1).' V';
    }

    /** "1 circuit", "3 circuits" */
    public static function count(int $n, string $one, ?string $many = null): string
    {
        return $n === 1 ? "1 $one" : "$n ".($many ?? $one.'s');
    }

    public static function seconds(int $seconds): string
    {
        return $seconds % 60 === 0 ? ($seconds / 60).' min' : "$seconds s";
    }

    /** "0:07", "12:30", "1:02:05" from the beginning. */
    public static function clock(int $ms): string
    {
        $s = intdiv($ms, 1000);

        return $s >= 3600
            ? sprintf('%d:%02d:%02d', intdiv($s, 3600), intdiv($s % 3600, 60), $s % 60)
            : sprintf('%d:%02d', intdiv($s, 60), $s % 60);
    }

    /**
     * "a, b and c"; a long list ends in "and 4 more".
     *
     * @param  list<string>  $items
     */
    public static function list(array $items, int $most = 4): string
    {
        if (count($items) > $most) {
            $items = [...array_slice($items, 0, $most - 1), (count($items) - $most + 1).' more'];
        }
        $last = array_pop($items);

        return $items === [] ? (string) $last : implode(', ', $items)." and $last";
    }
}
