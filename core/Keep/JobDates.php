<?php

declare(strict_types=1);

namespace Underpin\Keep;

use Underpin\Codebook\ServiceDates;
use Underpin\Design\Design;
use Underpin\Measure\Interval\CivilDay;
use Underpin\Refused;

/** The days of a job that are known: what is served when, from the hand-over (from today while there is none), and when fuel goes bad. */
final class JobDates
{
    /** No day of a month that some month does not have. */
    private const LAST_DAY = 28;

    /**
     * @param  string  $today  YYYY-MM-DD; a day before it is no date any more
     * @return list<JobDate> the soonest first; empty: no machine is picked
     *
     * @throws Refused on "today" when there is no such day
     */
    public static function of(Design $design, string $today): array
    {
        $from = $design->job->agreed->step('hand-over')->doneOn;
        [$year, $month, $day] = self::parts($from === '' ? $today : $from);
        $machine = $design->supply()?->machine;
        if ($machine === null) {
            return [];
        }
        $at = fn (int $months): string => CivilDay::iso(CivilDay::number(
            $year + intdiv($month - 1 + $months, 12), ($month - 1 + $months) % 12 + 1, min($day, self::LAST_DAY),
        ) ?? 0);
        // Handed over years ago: the next one from today.
        $in = function (int $months) use ($at, $today): string {
            $n = $months;
            while ($at($n) < $today) {
                $n += $months;
            }

            return $at($n);
        };
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
        $number = CivilDay::read($today)
            ?? throw new Refused('today', "today must be a day that exists, as YYYY-MM-DD; \"$today\" was given.");

        return CivilDay::parts($number);
    }
}
