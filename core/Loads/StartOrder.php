<?php

declare(strict_types=1);

namespace Underpin\Loads;

use Underpin\Refused;

/**
 * In which order to bring loads on, so that the highest momentary current on either leg is
 * least. The order is by falling surplus (starting less running current), equals as given.
 *
 * Proof by exchange. On one leg, let i stand right before j, with R running before them. The
 * two moments are R + start_i and R + run_i + start_j. If surplus_i < surplus_j, swapping
 * them gives R + start_j and R + run_j + start_i. The first is at most R + run_i + start_j.
 * The second is R + run_j + run_i + surplus_i, less than R + run_i + run_j + surplus_j, which
 * is R + run_i + start_j. So the swap raises neither, and every other moment stays. Sorting by
 * such swaps reaches the falling order without ever raising the peak. A load draws the same on
 * each leg it hangs on and nothing on the other, so one order is best for both legs at once: on
 * a leg that a load does not touch its step shows the sum so far, which no later step is below.
 * What must come on first by its rank is what runs already for the rest: the proof holds within each.
 */
final class StartOrder
{
    public const MOST = 200;

    /**
     * @param  list<Starter>  $loads  at most 200
     * @param  float  $alreadyA  amperes on leg A before the first start
     * @param  float  $alreadyB  amperes on leg B before the first start
     *
     * @throws Refused on more than 200 loads or a negative current
     */
    public static function best(array $loads, float $alreadyA = 0.0, float $alreadyB = 0.0): StartSequence
    {
        if (count($loads) > self::MOST) {
            throw new Refused('loads', sprintf('loads: at most %d can be ordered; %d were given.', self::MOST, count($loads)));
        }

        return self::inGivenOrder(self::sorted($loads), $alreadyA, $alreadyB);
    }

    /**
     * @param  list<Starter>  $loads  of any number
     * @return list<Starter> by rank, within it by falling surplus, equals as given
     */
    public static function sorted(array $loads): array
    {
        usort($loads, fn (Starter $x, Starter $y): int => $x->rank <=> $y->rank ?: $y->surplus() <=> $x->surplus());

        return $loads;
    }

    /**
     * What an order that somebody has already chosen does to the legs.
     *
     * @param  list<Starter>  $loads
     */
    public static function inGivenOrder(array $loads, float $alreadyA = 0.0, float $alreadyB = 0.0): StartSequence
    {
        foreach (['already_a_amps' => $alreadyA, 'already_b_amps' => $alreadyB] as $field => $amps) {
            if ($amps < 0) {
                throw new Refused($field, "$field must not be below 0.");
            }
        }
        $a = $alreadyA;
        $b = $alreadyB;
        $steps = [];
        foreach ($loads as $load) {
            $steps[] = new StartStep(
                $load->id,
                $load->leg->onA() ? $a + $load->startAmps : $a,
                $load->leg->onB() ? $b + $load->startAmps : $b,
            );
            $a += $load->leg->onA() ? $load->runAmps : 0.0;
            $b += $load->leg->onB() ? $load->runAmps : 0.0;
        }

        return new StartSequence($steps, $alreadyA, $alreadyB);
    }
}
