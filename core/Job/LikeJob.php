<?php

declare(strict_types=1);

namespace Underpin\Job;

/**
 * A job laid out like another: its panels with their breakers, loads and roles, its local rules, machine and way of connecting.
 * What somebody looked at or measured in the other house is not known of this one, and its people and records stay there.
 */
final class LikeJob
{
    /** The job as it is, with the layout of the other: it has none of its own yet. */
    public static function into(Job $job, Job $like): Job
    {
        return $job->with(
            $like->authority, $job->service->with(panels: array_map(self::panel(...), $like->service->panels)), $like->generator,
            new Connection(way: $like->connection->way),
        );
    }

    private static function panel(Panel $panel): Panel
    {
        return new Panel(
            $panel->id, $panel->name, $panel->spaces, $panel->kind, $panel->mainAmps, interlockSpace: $panel->interlockSpace,
            circuits: array_map(self::circuit(...), $panel->circuits),
            // What fed it from a disconnect of the other service has nothing to hang on here.
            fedFrom: $panel->feederCircuit === '' ? '' : $panel->fedFrom,
            feederCircuit: $panel->feederCircuit, busAmps: $panel->busAmps,
        );
    }

    private static function circuit(Circuit $circuit): Circuit
    {
        return new Circuit(
            $circuit->id, $circuit->position, $circuit->breakerAmps, $circuit->name, $circuit->protection, $circuit->role,
            loads: array_map(fn (Load $load): Load => $load->with(plug: null, bridgeMin: null), $circuit->loads),
        );
    }
}
