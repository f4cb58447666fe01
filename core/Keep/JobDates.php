<?php

declare(strict_types=1);

namespace Underpin\Keep;

use Underpin\Codebook\ServiceDates;
use Underpin\Design\Design;
use Underpin\Measure\Interval\CivilDay;
use Underpin\Refused;

/** The days of a job that are known: what is served when, counted from today as long as nothing else is noted, and when fuel goes bad. */
final class JobDates
{
    /** No day of a month that some month does not have. */
    private const LAST_DAY = 28;

    /**
     * @param  string  $today  YYYY-MM-DD
     * @return list<JobDate> the soonest first; empty: no machine is picked
     *
     * @throws Refused on "today" when there is no such day
     */
    public static function of(Design $design, string $today): array
    {
        [$year, $month, $day] = self::parts($today);
        $machine = $design->supply()?->machine;
        if ($machine === null) {
            return [];
        }
        $in = fn (int $months): string => CivilDay::iso(CivilDay::number(
            $year + intdiv($month - 1 + $months, 12), ($month - 1 + $months) % 12 + 1, min($day, self::LAST_DAY),
        ) ?? 0);
        $every = fn (string $key, string $title, int $months, string $why): JobDate => new JobDate(
            $key, "$title: $machine->name", $in($months), $months, $why,
        );
        $isStandby = $machine->form->isStandby();
        $isBattery = $machine->form->isBattery();
        $bad = $design->fuel()?->badOn();
        $dates = [
            $every('loaded-test', 'Test under load', ServiceDates::LOADED_TEST, 'A start without load proves nothing about the storm.'),
            ...$isStandby || $isBattery ? [] : [
                $every('start', 'Start it and let it run', ServiceDates::START, 'An engine that never runs does not start.'),
            ],
            ...$isBattery ? [] : [
                $every(
                    'oil', 'Oil, by hours or at least once a year', ServiceDates::OIL,
                    'A weekly exercise of minutes takes years to reach the hours.',
                ),
            ],
            ...$isStandby ? [
                $every(
                    'battery', 'Starting battery: measure, replace', ServiceDates::BATTERY,
                    'A flat battery is why a standby stays still.',
                ),
            ]
                : [$every('practice', 'Practice of the card', ServiceDates::PRACTICE, 'Anybody who may be home can do it.')],
            ...$design->way()?->transfersByItself() === true ? [
                $every(
                    'transfer-switch', 'Service of the transfer switch', ServiceDates::TRANSFER_SWITCH,
                    'By a qualified person, locked out.',
                ),
            ] : [],
            ...$bad === null ? [] : [new JobDate(
                'fuel', 'Stored gasoline goes stale', $bad, null, 'Burn it in a car before, and buy anew.',
            )],
        ];
        usort($dates, fn (JobDate $a, JobDate $b): int => [$a->on, $a->key] <=> [$b->on, $b->key]);

        return $dates;
    }

    /** @return array{int, int, int} */
    private static function parts(string $today): array
    {
        if (preg_match('/^(\d{4})-(\d{2})-(\d{2})$/', $today, $found) !== 1
            || CivilDay::number((int) $found[1], (int) $found[2], (int) $found[3]) === null) {
            throw new Refused('today', "today must be a day that exists, as YYYY-MM-DD; \"$today\" was given.");
        }

        return [(int) $found[1], (int) $found[2], (int) $found[3]];
    }
}
