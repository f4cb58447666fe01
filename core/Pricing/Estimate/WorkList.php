<?php

declare(strict_types=1);

namespace Underpin\Pricing\Estimate;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\Conductor;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Deed;
use Underpin\Assembly\Sign;
use Underpin\Assembly\Task;
use Underpin\Connection\Way;
use Underpin\Design\Design;

/** The work that the thing that will be built takes, from the same graph as its parts; what is not measured is not counted. */
final class WorkList
{
    /** @return list<WorkLine> like tasks are one line; none: nothing can be built */
    public static function by(Design $design, Way $way): array
    {
        $built = $design->assemblyBy($way);
        if ($built === null) {
            return [];
        }
        $trench = $design->situation()->job->wire->laying->isBuried();
        $lines = [
            ...array_merge([], ...array_map(fn (Component $c): array => self::component($c, $built), $built->components())),
            ...array_merge([], ...array_map(fn (Deed $d): array => $d->task === null ? [] : [
                new WorkLine($d->task, (float) $d->count, [$d->place]),
            ], $built->deeds())),
            ...array_merge([], ...array_map(fn (Conductor $c): array => self::conductor($c, $built, $trench), $built->conductors())),
            ...array_map(fn (Sign $sign): WorkLine => new WorkLine(Task::Sign, 1.0, [$sign->place]), $built->signs()),
            ...$way->isWired() ? [
                new WorkLine(Task::Visit, 1.0, ['this job']), new WorkLine(Task::Travel, 1.0, ['this job']),
            ] : [],
            ...$way->isWired() && $design->job->authority->rules->permit ? [new WorkLine(Task::Permit, 1.0, ['the authority'])] : [],
        ];

        return self::merged($lines);
    }

    /** @return list<WorkLine> */
    private static function component(Component $component, Assembly $built): array
    {
        $isOfMachine = $component->kind === ComponentKind::Breaker
            && $built->component(ComponentKind::Generator)?->id === $component->inside;
        $task = $component->task ?? ($component->kind === ComponentKind::Breaker && ! $isOfMachine ? Task::Breaker : null);

        return $task === null ? [] : [new WorkLine($task, 1.0, [$component->name])];
    }

    /** @return list<WorkLine> a foot of it at a time; a cord is plugged in */
    private static function conductor(Conductor $conductor, Assembly $built, bool $inTrench): array
    {
        $ft = $conductor->lengthFt;
        if ($ft === null || $ft <= 0 || $conductor->comesAlong) {
            return [];
        }
        $place = "{$conductor->kind->words()} from {$built->nameOf($conductor->from)} to {$built->nameOf($conductor->to)}";
        $task = match ($conductor->kind) {
            ConductorKind::Cord, ConductorKind::Found => null,
            ConductorKind::Control => Task::ControlRun,
            ConductorKind::Run, ConductorKind::Feeder, ConductorKind::Branch, ConductorKind::Charger,
            ConductorKind::Electrode => Task::run($conductor->amps ?? 0.0),
        };

        return $task === null ? [] : [
            new WorkLine($task, ceil($ft), [$place]),
            ...$inTrench && $conductor->kind === ConductorKind::Run ? [new WorkLine(Task::Trench, ceil($ft), [$place])] : [],
        ];
    }

    /**
     * @param  list<WorkLine>  $lines
     * @return list<WorkLine>
     */
    private static function merged(array $lines): array
    {
        $merged = [];
        foreach ($lines as $line) {
            $key = $line->task->value;
            $merged[$key] = isset($merged[$key]) ? $merged[$key]->and($line) : $line;
        }

        return array_values($merged);
    }
}
