<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule;

use Underpin\Job\Circuit;
use Underpin\Job\Panel;
use Underpin\Name;

/**
 * The panels of a job with a schedule in them: a panel of the schedule takes the place of the one of
 * its name, or stands behind the others. The one blank panel of a new job takes the first name.
 */
final class TakenSchedule
{
    /**
     * @param  list<Panel>  $panels  of the job
     * @param  callable(): string  $newId
     * @return list<Panel>
     */
    public static function of(array $panels, ScheduleReading $reading, Others $others, callable $newId): array
    {
        foreach ($reading->panels as $panel) {
            $at = self::placeOf($panel, $panels);
            $before = $panels[$at] ?? null;
            $circuits = array_map(
                fn (Circuit $circuit): Circuit => CarriedOver::circuit($circuit, $before, $reading, $newId), $panel->circuits,
            );
            if ($others === Others::Stay) {
                array_push($circuits, ...self::untouched($before, $circuits));
                usort(
                    $circuits,
                    fn (Circuit $x, Circuit $y): int => [$x->position->space, $x->label()] <=> [$y->position->space, $y->label()],
                );
            }
            $panels[$at] = $before === null
                ? $panel->with(id: $newId(), circuits: $circuits)
                : $before->with(name: $panel->name, spaces: $panel->spaces, circuits: $circuits);
        }

        return array_values($panels);
    }

    /**
     * @param  list<Circuit>  $taken
     * @return list<Circuit> of the panel as it was, where the schedule puts nothing
     */
    private static function untouched(?Panel $before, array $taken): array
    {
        return array_values(array_filter($before->circuits ?? [], function (Circuit $known) use ($taken): bool {
            foreach ($taken as $circuit) {
                if ($circuit->id === $known->id || $circuit->position->clashesWith($known->position)) {
                    return false;
                }
            }

            return true;
        }));
    }

    /** @param  array<int, Panel>  $panels */
    private static function placeOf(Panel $panel, array $panels): int
    {
        foreach ($panels as $i => $known) {
            if (Name::same($known->name, $panel->name)) {
                return $i;
            }
        }

        return count($panels) === 1 && $panels[0]->circuits === [] ? 0 : count($panels);
    }
}
