<?php

declare(strict_types=1);

namespace Underpin\Sizing;

use Underpin\Limit;
use Underpin\Refused;

/**
 * Which loads can run together: the set with the highest total worth whose sums keep within
 * both leg limits; among equals the one with the lower worst leg.
 *
 * Proven best, because nothing is left out: the loads are split into two halves, all sets of
 * each half (at most 1,024) are listed by falling worth, and every pair of them is a set of the
 * whole. A row of pairs is left only when its worth, which falls along the row, is already
 * below what has been found. So the work is bounded by 2^20 comparisons whatever the figures.
 */
final class BestSet
{
    public const MOST = 20;

    /**
     * @param  float  $limitA  amperes that leg A may carry
     * @param  float  $limitB  amperes that leg B may carry
     * @param  list<Candidate>  $loads  at most 20
     *
     * @throws Refused on more than 20 loads or a negative limit
     */
    public static function choose(float $limitA, float $limitB, array $loads): ChosenSet
    {
        foreach (['limit_a_amps' => $limitA, 'limit_b_amps' => $limitB] as $field => $limit) {
            if ($limit < 0) {
                throw new Refused($field, "$field must not be below 0.");
            }
        }
        if (count($loads) > self::MOST) {
            throw new Refused(
                'loads', sprintf('loads: at most %d can be weighed against each other; %d were given.', self::MOST, count($loads)),
            );
        }
        $half = intdiv(count($loads), 2);
        $first = self::setsOf(array_slice($loads, 0, $half), 0, $limitA, $limitB);
        $second = self::setsOf(array_slice($loads, $half), $half, $limitA, $limitB);

        return self::answer($loads, self::bestPair($first, $second, $limitA, $limitB));
    }

    /**
     * All sets of some loads that keep within the limits by themselves, by falling worth.
     *
     * @param  list<Candidate>  $loads
     * @param  int  $shift  place of the first of them in the whole list
     * @return non-empty-list<array{float, float, float, int}> worth, amperes on A and on B, bits of the loads
     */
    private static function setsOf(array $loads, int $shift, float $limitA, float $limitB): array
    {
        $sets = [[0.0, 0.0, 0.0, 0]];
        foreach ($loads as $i => $load) {
            $onA = $load->leg->onA() ? $load->amps : 0.0;
            $onB = $load->leg->onB() ? $load->amps : 0.0;
            foreach ($sets as [$worth, $a, $b, $bits]) {
                if (Limit::within($a + $onA, $limitA) && Limit::within($b + $onB, $limitB)) {
                    $sets[] = [$worth + $load->worth, $a + $onA, $b + $onB, $bits | 1 << $i + $shift];
                }
            }
        }
        usort($sets, fn (array $x, array $y): int => $y[0] <=> $x[0]);

        return $sets;
    }

    /**
     * @param  non-empty-list<array{float, float, float, int}>  $first
     * @param  non-empty-list<array{float, float, float, int}>  $second
     * @return int bits of the loads chosen
     */
    private static function bestPair(array $first, array $second, float $limitA, float $limitB): int
    {
        $limitA += Limit::SLACK;
        $limitB += Limit::SLACK;
        $highest = -1.0;
        $lowestLeg = INF;
        $chosen = 0;
        foreach ($first as [$worth1, $a1, $b1, $bits1]) {
            if ($worth1 + $second[0][0] < $highest - Limit::SLACK) {
                break;
            }
            foreach ($second as [$worth2, $a2, $b2, $bits2]) {
                $worth = $worth1 + $worth2;
                if ($worth < $highest - Limit::SLACK) {
                    break;
                }
                $a = $a1 + $a2;
                $b = $b1 + $b2;
                if ($a > $limitA || $b > $limitB) {
                    continue;
                }
                $leg = max($a, $b);
                if ($worth > $highest + Limit::SLACK || $leg < $lowestLeg) {
                    $highest = max($highest, $worth);
                    $lowestLeg = $leg;
                    $chosen = $bits1 | $bits2;
                }
            }
        }

        return $chosen;
    }

    /** @param  list<Candidate>  $loads */
    private static function answer(array $loads, int $chosen): ChosenSet
    {
        $ids = [];
        $worth = $a = $b = 0.0;
        foreach ($loads as $i => $load) {
            if (($chosen & 1 << $i) === 0) {
                continue;
            }
            $ids[] = $load->id;
            $worth += $load->worth;
            $a += $load->leg->onA() ? $load->amps : 0.0;
            $b += $load->leg->onB() ? $load->amps : 0.0;
        }

        return new ChosenSet($ids, $worth, $a, $b);
    }
}
