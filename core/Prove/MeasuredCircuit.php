<?php

declare(strict_types=1);

namespace Underpin\Prove;

use Underpin\Checklist\ChecklistStep;
use Underpin\Job\Job;
use Underpin\Job\Measured;
use Underpin\Job\Work\StepRecord;

/** What was measured while proving goes back to the loads: they were an estimate until then. */
final class MeasuredCircuit
{
    /** The same job, with what the step read on its circuit. */
    public static function noted(Job $job, ChecklistStep $step, StepRecord $record): Job
    {
        $panel = $step->measures === null ? null : $job->panelWith($step->measures);
        $circuit = $panel?->circuit((string) $step->measures);
        if ($panel === null || $circuit === null || $record->value === null) {
            return $job;
        }
        // A clamp that is read shows no start: the one that is known stays.
        $start = max($record->value, $circuit->measured->startAmps ?? 0.0, $circuit->startAmps());

        return $job->with($job->service->withPanel($panel->withCircuit($circuit->with(
            measured: new Measured($circuit->leg(), $record->value, $start, $record->day(), true),
        ))));
    }
}
