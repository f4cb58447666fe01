<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Codebook\Source;
use Underpin\Demand\Worksheet;
use Underpin\Job\DemandMethod;
use Underpin\Job\LoadKind;
use Underpin\Limit;
use Underpin\Refused;
use Underpin\Say;

/**
 * How much the source must carry: what a person selects, or all of it where it transfers by itself, less what is shed.
 * NEC 2023 702.4, 220.70, 750.30.
 */
final class Capacity
{
    /** the smallest share with which a load can stand in a calculation: 220.55 column B, 220.82(B), 220.83 */
    private const LEAST_FACTOR = ['standard' => 0.45, 'optional' => 0.4, 'existing' => 0.4, 'measured' => 0.0];

    /** @return list<Reason> */
    public static function byHand(): array
    {
        return [
            Reason::note('A person selects what runs: the machine carries what is turned on, and no more is asked.', Source::nec('702.4')),
        ];
    }

    /** The full load of the house by the calculation, volt-amperes; null: it has not been done, or cannot be. */
    public static function fullLoadVa(Situation $situation): ?float
    {
        $inputs = $situation->job->basis->demand;
        try {
            return $inputs === null ? null : Worksheet::of($inputs)->demandVa;
        } catch (Refused) {
            return null;
        }
    }

    /**
     * What shedding takes off the calculation, volt-amperes: each load with the smallest factor that it can have had there, so that
     * what stays is never said too small. A vehicle charger counts whole where one stands in the calculation, and nothing is taken off a
     * recorded peak.
     */
    public static function shedVa(Situation $situation): float
    {
        $method = $situation->job->basis->demand?->method;
        $least = $method === null ? 0.0 : self::LEAST_FACTOR[$method->value];
        $hasCharger = ($situation->job->basis->demand->dwelling->evChargersVa ?? []) !== [];
        $va = 0.0;
        foreach ($situation->job->circuits() as $circuit) {
            foreach ($situation->job->connection->shedding($circuit->id) === null ? [] : $circuit->loads as $load) {
                $whole = $load->kind === LoadKind::Charger && $method !== DemandMethod::Measured && $hasCharger;
                $va += ($load->runW ?? 0.0) * ($whole ? 1.0 : $least);
            }
        }

        return $va;
    }

    /** What stays of the full load when everything that is shed is off, volt-amperes; null: it has not been calculated. */
    public static function staysVa(Situation $situation): ?float
    {
        $full = self::fullLoadVa($situation);

        return $full === null ? null : max(0.0, $full - self::shedVa($situation));
    }

    /** @return list<Reason> */
    public static function byItself(Situation $situation): array
    {
        $source = Source::nec('702.4, 220.70, 750.30');
        $full = self::fullLoadVa($situation);
        $supply = $situation->supply;
        if ($supply === null || $full === null) {
            return $supply === null ? [] : [Reason::open(
                'It transfers by itself, so the machine must carry the full load by Article 220, or loads are shed. Do the calculation '
                    .'first.',
                $source, 'do the load calculation',
            )];
        }
        $left = self::staysVa($situation) ?? $full;
        $has = Say::watts($supply->runW());

        return [match (true) {
            Limit::within($full, $supply->runW()) => Reason::note(
                'The full load by the calculation, '.number_format($full)." VA, is within the $has that the machine gives here.", $source,
            ),
            Limit::within($left, $supply->runW()) => Reason::note(
                sprintf(
                    'The full load by the calculation is %s VA; %s VA of it stay with what is shed off, within the %s of the machine. '
                        .'What is '
                        .'shed stays off when its control is lost. To be proven when it is started up.',
                    number_format($full), number_format($left), $has,
                ), $source,
            ),
            default => Reason::change(
                sprintf(
                    'The full load by the calculation is %s VA, and the machine gives %s here: %s VA more must be shed by themselves, '
                        .'and that '
                        .'be proven; or a larger machine.',
                    number_format($full), $has, number_format($left - $supply->runW()),
                ), $source, 'shed '.number_format($left - $supply->runW()).' VA more',
            ),
        }];
    }
}
