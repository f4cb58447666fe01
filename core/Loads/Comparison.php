<?php

declare(strict_types=1);

namespace Underpin\Loads;

use Underpin\Codebook\SplitPhase;
use Underpin\Demand\Worksheet;
use Underpin\Job\Circuit;
use Underpin\Job\Job;
use Underpin\Job\Load;
use Underpin\Job\LoadBasis;
use Underpin\Job\Role;
use Underpin\Job\Season;
use Underpin\Job\Work\MeasuredLegs;
use Underpin\Legs\LegCurrents;
use Underpin\Measure\RecordingSummary;
use Underpin\Say;

/** The three ways of knowing the loads side by side, and why they differ. */
final readonly class Comparison
{
    /** Less than this between list and measurement is what instruments and nameplates differ by. */
    private const SAME_PCT = 20.0;

    private const SAME_A = 0.5;

    /**
     * @param  list<ComparisonRow>  $rows
     * @param  list<string>  $differences
     */
    private function __construct(public array $rows, public array $differences)
    {
    }

    /**
     * @param  ?RecordingSummary  $recording  the last one, in which an outage may have been acted out
     * @param  string  $recordingName  what was recorded
     */
    public static function of(Job $job, ?RecordingSummary $recording, string $recordingName = ''): self
    {
        $circuits = $job->drawingCircuits();
        $must = array_values(array_filter($circuits, fn (Circuit $c): bool => $c->role === Role::Must));
        $measured = array_map(fn (Circuit $c): Circuit => $c->asMeasured(), $must);
        $unmeasured = array_values(array_filter($must, fn (Circuit $c): bool => $c->measured === null));
        $rows = [
            self::row(LoadBasis::List, 'Must run', $must),
            ...self::seasons($must),
            self::row(LoadBasis::List, 'Everything on at once', $circuits),
            count($unmeasured) === count($must)
                ? new ComparisonRow(LoadBasis::Measure, 'Must run, circuit by circuit', null, null, null, 'nothing measured yet')
                : self::row(
                    LoadBasis::Measure, 'Must run, circuit by circuit', $measured,
                    $unmeasured === [] ? '' : Say::count(count($unmeasured), 'circuit').' by the list',
                ),
            $recording === null
                ? new ComparisonRow(LoadBasis::Measure, 'Acted out, highest ten seconds', null, null, null, 'nothing recorded yet')
                : new ComparisonRow(
                    LoadBasis::Measure, "$recordingName, highest ten seconds", $recording->lastingA, $recording->lastingB, null,
                    sprintf(
                        'starts up to %s and %s; legs peak at different times', Say::amps($recording->peakA), Say::amps($recording->peakB),
                    ),
                ),
            ...self::proven($job),
            self::calculated($job),
            self::recorded($job),
        ];

        return new self($rows, [...self::perCircuit($circuits), ...self::between($job, $must, $unmeasured)]);
    }

    /** @param  list<Circuit>  $circuits */
    private static function row(LoadBasis $school, string $what, array $circuits, string $note = ''): ComparisonRow
    {
        $currents = LegCurrents::of(Plan::drawsOf($circuits));
        $missing = count(array_filter($circuits, fn (Circuit $c): bool => $c->figuresMissing()));

        return new ComparisonRow($school, $what, $currents->aAmps, $currents->bAmps, $currents->totalVa, match (true) {
            $circuits === [] => 'nothing marked yet',
            $missing > 0 => Say::count($missing, 'circuit').' without figures: too low',
            default => $note,
        });
    }

    /**
     * @param  list<Circuit>  $must
     * @return list<ComparisonRow>
     */
    private static function seasons(array $must): array
    {
        $seasonal = array_filter($must, fn (Circuit $c): bool => array_filter($c->loads, fn (Load $l): bool => $l->season !== null) !== []);

        return $seasonal === [] ? [] : array_map(
            fn (Season $season): ComparisonRow => self::row(
                LoadBasis::List, "Must run, in $season->value", array_map(fn (Circuit $c): Circuit => $c->in($season), $must),
            ),
            Season::cases(),
        );
    }

    /** @return list<string> legs that carried more or less on the generator than the list says */
    private static function onGenerator(Job $job, LegCurrents $list): array
    {
        $legs = MeasuredLegs::of($job->work);
        $said = [];
        foreach ($legs === null ? [] : ['A' => [$list->aAmps, $legs->aAmps], 'B' => [$list->bAmps, $legs->bAmps]] as $leg => [$listed,
            $read]) {
            if (abs($read - $listed) > max(self::SAME_A, self::SAME_PCT / 100 * max($listed, $read))) {
                $said[] = sprintf(
                    'On the generator leg %s carried %s, listed are %s: %s', $leg, Say::amps($read), Say::amps($listed), $read > $listed
                        ? 'something is on that nobody listed, or draws more than its plate.'
                        : 'something rested while it was read, and may start in the storm.',
                );
            }
        }

        return $said;
    }

    /** @return list<ComparisonRow> none: the legs were not read yet on the machine */
    private static function proven(Job $job): array
    {
        $legs = MeasuredLegs::of($job->work);

        return $legs === null ? [] : [new ComparisonRow(
            LoadBasis::Measure, 'Must run, both legs on the generator', $legs->aAmps, $legs->bAmps, null,
            "by clamp on $legs->on, while proving",
        )];
    }

    private static function calculated(Job $job): ComparisonRow
    {
        $sheet = ($job->basis->demand === null ? null : Worksheet::of($job->basis->demand));

        return $sheet === null
            ? new ComparisonRow(LoadBasis::Calculate, 'Load calculation', null, null, null, 'not worked out yet')
            : new ComparisonRow(
                LoadBasis::Calculate, 'Load calculation, '.$sheet->method->words(), $sheet->demandAmps(), $sheet->demandAmps(),
                $sheet->demandVa, $sheet->method->section().', the whole dwelling',
            );
    }

    private static function recorded(Job $job): ComparisonRow
    {
        $recorded = $job->basis->recorded;

        return $recorded === null
            ? new ComparisonRow(LoadBasis::Calculate, 'Utility\'s recorded peak', null, null, null, 'no data brought in yet')
            : new ComparisonRow(
                LoadBasis::Calculate, 'Utility\'s recorded peak', $recorded->peakW / SplitPhase::BETWEEN_LEGS_V,
                $recorded->peakW / SplitPhase::BETWEEN_LEGS_V, $recorded->peakW, "$recorded->at, taken as even on both legs",
            );
    }

    /**
     * @param  list<Circuit>  $circuits
     * @return list<string>
     */
    private static function perCircuit(array $circuits): array
    {
        $differences = [];
        foreach ($circuits as $circuit) {
            $measured = $circuit->measured;
            if ($measured === null || $circuit->figuresMissing()) {
                continue;
            }
            $listed = $circuit->runAmps();
            $apart = $measured->runAmps - $listed;
            if (abs($apart) > self::SAME_A && abs($apart) > self::SAME_PCT / 100 * max($listed, $measured->runAmps)) {
                $differences[] = sprintf(
                    '%s: listed %s, measured %s. %s', $circuit->title(), Say::amps($listed), Say::amps($measured->runAmps),
                    $apart > 0
                        ? 'More hangs on it than the list says, or the nameplate is wrong.'
                        : 'Not everything on it ran, or the nameplate is the highest it can draw.',
                );
            }
        }

        return $differences;
    }

    /**
     * @param  list<Circuit>  $must
     * @param  list<Circuit>  $unmeasured
     * @return list<string>
     */
    private static function between(Job $job, array $must, array $unmeasured): array
    {
        $list = LegCurrents::of(Plan::drawsOf($must));
        $sheet = ($job->basis->demand === null ? null : Worksheet::of($job->basis->demand));
        $said = self::onGenerator($job, $list);
        if ($unmeasured !== [] && count($unmeasured) < count($must)) {
            $said[] = 'Not measured, so the list counts: '.Say::list(
                array_map(fn (Circuit $c): string => $c->title(), $unmeasured)
            ).'. What rests today may start in the storm: keep a buffer for it.';
        }
        if ($sheet !== null) {
            $said[] = $sheet->demandAmps() >= $list->worstAmps()
                ? sprintf(
                    'The calculation is %s a leg above the list: it counts the whole dwelling, the list only what must run.',
                    Say::amps($sheet->demandAmps() - $list->worstAmps()),
                )
                : sprintf(
                    'The list is %s above the calculation on leg %s: nameplates add up as if all ran at once, and the '
                        .'calculation takes both legs alike.',
                    Say::amps($list->worstAmps() - $sheet->demandAmps()), $list->worstLeg()->value,
                );
            $said[] = sprintf(
                'Legs: the list puts %s on A and %s on B; a calculation says nothing of the balance, so legs are '
                    .'judged by list or measurement.',
                Say::amps($list->aAmps), Say::amps($list->bAmps),
            );
        }
        if ($job->basis->recorded !== null && $sheet !== null && $sheet->demandVa > 0) {
            $said[] = sprintf(
                'The utility recorded at most %s; the calculation is %s of it.', Say::watts($job->basis->recorded->peakW),
                Say::pct(100 * $sheet->demandVa / max(1.0, $job->basis->recorded->peakW)),
            );
        }

        return [...$said, ...($job->basis->recorded?->conditions() ?? [])];
    }
}
