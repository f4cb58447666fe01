<?php

declare(strict_types=1);

namespace Underpin\Sizing;

use Underpin\Job\Fuel;
use Underpin\Job\Machine;
use Underpin\Job\Site;
use Underpin\Loads\Plan;

/** A catalogue against one plan: what holds first, the least price first among those; a fuel that is not there comes last. */
final class Ranking
{
    /**
     * @param  list<Machine>  $machines
     * @param  ?Fuel  $only  only ratings on this fuel; null: every fuel each machine burns
     * @return list<Fit>
     */
    public static function of(Plan $plan, array $machines, float $marginPct, Site $site, ?Fuel $only = null): array
    {
        $fits = [];
        foreach ($machines as $machine) {
            foreach ($machine->ratings as $rating) {
                if ($only === null || $rating->fuel === $only) {
                    $fits[] = Fit::of($plan, new Supply($machine, $rating->fuel, $site), $marginPct);
                }
            }
        }
        $keys = array_map(self::key(...), $fits);
        array_multisort($keys, $fits);

        return $fits;
    }

    /**
     * Among machines that do not hold, the largest comes first: it is nearest to holding.
     *
     * @return array{bool, int, float, int, string}
     */
    private static function key(Fit $fit): array
    {
        $size = $fit->verdict === Verdict::Short ? -$fit->supply->runW() : 0.0;
        $price = $fit->supply->machine->priceUsd ?? PHP_INT_MAX;

        return [$fit->supply->fuelIsMissing(), $fit->verdict->value, $size, $price, $fit->supply->words()];
    }
}
