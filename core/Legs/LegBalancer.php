<?php

declare(strict_types=1);

namespace Underpin\Legs;

use Underpin\Refused;

/**
 * Gives each circuit that may hang on either leg one of the two, so that the legs carry as nearly
 * the same as can be. Good practice: legs within 30 %.
 *
 * Proven best, because nothing is left out: the free circuits are split into two halves, and every way
 * of laying each half out (at most 4,096) is listed by how many of it lie on leg A, and sorted by
 * what it adds to A − B. Every pair of lists whose counts the places allow is walked from both ends;
 * the walk passes the best partner of every entry.
 */
final class LegBalancer
{
    public const MOST = 24;

    /**
     * @param  list<array{amps: float, leg: ?Leg}>  $circuits  at most 24; a leg is fixed, null: it may hang on either
     * @param  ?int  $maxPerLeg  most 120 V circuits that a leg has places for; null: as many as there are
     *
     * @throws Refused on "circuits" over 24, on "max_per_leg" when the places do not suffice
     */
    public static function balance(array $circuits, ?int $maxPerLeg = null): LegPlaces
    {
        if (count($circuits) > self::MOST) {
            throw new Refused(
                'circuits', sprintf('circuits: at most %d can be laid on the legs at once; %d were given.', self::MOST, count($circuits)),
            );
        }
        $free = array_values(array_filter($circuits, fn (array $c): bool => $c['leg'] === null));
        $onA = self::fixedOn($circuits, Leg::A);
        $onB = self::fixedOn($circuits, Leg::B);
        $most = $maxPerLeg ?? count($circuits);
        $least = count($free) - ($most - count($onB));
        if (count($onA) > $most || count($onB) > $most || $least > $most - count($onA)) {
            throw new Refused('max_per_leg', sprintf(
                'max_per_leg: the 120 V circuits take %d places, %d of them fixed on leg A and %d on leg B; %d on each leg were given.',
                count($onA) + count($onB) + count($free), count($onA), count($onB), $most,
            ));
        }
        $bits = self::best(
            array_column($free, 'amps'), array_sum($onA) - array_sum($onB), max(0, $least), min(count($free), $most - count($onA)),
        );

        return self::laid($circuits, $bits);
    }

    /**
     * @param  list<array{amps: float, leg: ?Leg}>  $circuits
     * @return list<float> amperes of those that are fixed on this leg alone
     */
    private static function fixedOn(array $circuits, Leg $leg): array
    {
        return array_column(array_filter($circuits, fn (array $c): bool => $c['leg'] === $leg), 'amps');
    }

    /**
     * @param  list<float>  $amps  of the free circuits
     * @param  float  $difference  A − B of the fixed ones
     * @param  int  $least  free ones on leg A at least
     * @param  int  $most  and at most
     * @return int bits of those on leg A
     */
    private static function best(array $amps, float $difference, int $least, int $most): int
    {
        $half = intdiv(count($amps), 2);
        $first = self::layouts(array_slice($amps, 0, $half), 0, $difference);
        $second = self::layouts(array_slice($amps, $half), $half, 0.0);
        $smallest = INF;
        $chosen = 0;
        foreach ($first as $count1 => $rows1) {
            foreach ($second as $count2 => $rows2) {
                if ($count1 + $count2 < $least || $count1 + $count2 > $most) {
                    continue;
                }
                for ($i = 0, $j = count($rows2) - 1; $i < count($rows1) && $j >= 0;) {
                    $sum = $rows1[$i][0] + $rows2[$j][0];
                    if (abs($sum) < $smallest) {
                        $smallest = abs($sum);
                        $chosen = $rows1[$i][1] | $rows2[$j][1];
                    }
                    $sum > 0 ? $j-- : $i++;
                }
            }
        }

        return $chosen;
    }

    /**
     * Every way of laying some circuits on the legs.
     *
     * @param  list<float>  $amps
     * @param  int  $shift  place of the first of them among all free ones
     * @param  float  $from  A − B before them
     * @return array<int, list<array{float, int}>> by how many lie on leg A: A − B, rising, and the bits of those on A
     */
    private static function layouts(array $amps, int $shift, float $from): array
    {
        $layouts = [0 => [[$from, 0]]];
        foreach ($amps as $i => $each) {
            $next = [];
            foreach ($layouts as $count => $rows) {
                foreach ($rows as [$difference, $bits]) {
                    $next[$count + 1][] = [$difference + $each, $bits | 1 << $i + $shift];
                    $next[$count][] = [$difference - $each, $bits];
                }
            }
            $layouts = $next;
        }
        foreach ($layouts as &$rows) {
            usort($rows, fn (array $x, array $y): int => $x[0] <=> $y[0]);
        }

        return $layouts;
    }

    /** @param  list<array{amps: float, leg: ?Leg}>  $circuits */
    private static function laid(array $circuits, int $onA): LegPlaces
    {
        $legs = [];
        $a = $b = 0.0;
        $place = 0;
        foreach ($circuits as $circuit) {
            $leg = $circuit['leg'] ?? (($onA & 1 << $place++) === 0 ? Leg::B : Leg::A);
            $legs[] = $leg;
            $a += $leg->onA() ? $circuit['amps'] : 0.0;
            $b += $leg->onB() ? $circuit['amps'] : 0.0;
        }

        return new LegPlaces($legs, $a, $b);
    }
}
