<?php

declare(strict_types=1);

namespace Underpin\Placement;

use Underpin\Codebook\SiteDistances;
use Underpin\Codebook\Source;
use Underpin\Job\Job;
use Underpin\Job\Plan\PlanItem;
use Underpin\Job\Plan\PlanItemKind;

/** The propane tank of a site plan, against buildings and the line of the lot. NFPA 58. */
final class TankPlace
{
    /** @return list<PlaceRow> none: there is no tank on the plan, or nobody knows how large it is */
    public static function rows(Job $job): array
    {
        $rows = [];
        foreach (self::tanks($job) as $tank) {
            $ft = self::ft($job, $tank);
            $source = new Source('NFPA 58', 'Table 6.4.1.1');
            if ($ft === null) {
                continue;
            }
            foreach ($job->plan->buildings ?? [] as $building) {
                $rows[] = new PlaceRow(
                    $tank->id, "{$tank->title()} to $building->name", $tank->area()->gap($building->outline), $ft, $source,
                );
            }
            if ($job->plan->lot !== null) {
                $rows[] = new PlaceRow(
                    $tank->id, "{$tank->title()} to property line", $tank->area()->gapOfSides($job->plan->lot), $ft, $source,
                );
            }
        }

        return $rows;
    }

    /** @return list<PlaceRow> the tightest of them alone: what a person must look at */
    public static function telling(Job $job): array
    {
        $rows = self::rows($job);
        usort($rows, fn (PlaceRow $a, PlaceRow $b): int => $a->ft() - $a->neededFt <=> $b->ft() - $b->neededFt);

        return array_slice($rows, 0, 1);
    }

    /** Why a tank on the plan is not judged; empty: it is, or there is none. */
    public static function missing(Job $job): string
    {
        return match (true) {
            self::tanks($job) === [] => '',
            count(self::tanks($job)) > 1 => 'which of the tanks is how large',
            $job->site->propaneTankGal === null => 'the size of the propane tank',
            SiteDistances::tankFt($job->site->propaneTankGal, false) === null => 'a tank of over 2,000 gal: NFPA 58 and its supplier say',
            default => '',
        };
    }

    /** @return list<PlanItem> */
    private static function tanks(Job $job): array
    {
        return array_values(array_filter(
            $job->plan->items ?? [], fn (PlanItem $i): bool => $i->kind === PlanItemKind::Tank || $i->kind === PlanItemKind::BuriedTank,
        ));
    }

    private static function ft(Job $job, PlanItem $tank): ?float
    {
        $gal = $job->site->propaneTankGal;

        return self::missing($job) !== '' || $gal === null ? null : SiteDistances::tankFt($gal, $tank->kind === PlanItemKind::BuriedTank);
    }
}
