<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Refused;

/** What the panels of a job say of the conductors that feed them. */
final class Feeders
{
    /**
     * It must make a tree: every panel is fed once, from something that is there, and not by itself.
     *
     * @param  list<Panel>  $panels
     *
     * @throws Refused naming the panel's place and field: "panels.2.fed_from"; "service.disconnects" when an id is a panel's too
     */
    public static function guard(Service $service, array $panels): void
    {
        $byId = [];
        foreach ($panels as $panel) {
            $byId[" $panel->id"] = $panel;
            $alike = array_filter($service->disconnects, fn (Disconnect $d): bool => strtolower($d->id) === strtolower($panel->id));
            if ($alike !== []) {
                throw new Refused('service.disconnects', "Disconnects: the id \"$panel->id\" is that of a panel too.");
            }
        }
        foreach ($panels as $i => $panel) {
            $seen = [];
            for ($at = $panel; $at !== null; $at = $byId[" $at->fedFrom"] ?? null) {
                if (isset($seen[" $at->id"])) {
                    throw new Refused("panels.$i.fed_from", "Fed from: $panel->name would feed itself.");
                }
                $seen[" $at->id"] = true;
                if ($at->fedFrom !== '' && ! isset($byId[" $at->fedFrom"]) && $service->disconnect($at->fedFrom) === null) {
                    throw new Refused(
                        "panels.$i.fed_from", "Fed from: there is no panel or disconnect \"$at->fedFrom\" for $panel->name to be fed from.",
                    );
                }
            }
        }
    }

    /**
     * The breaker of a panel's feeder, in amperes: the circuit in the panel before it, or as it was typed.
     *
     * @param  list<Panel>  $panels
     */
    public static function breakerAmps(Panel $panel, array $panels): ?int
    {
        foreach ($panels as $other) {
            if ($other->id === $panel->fedFrom && $panel->feederCircuit !== '') {
                return $other->circuit($panel->feederCircuit)->breakerAmps ?? $panel->feederAmps;
            }
        }

        return $panel->feederAmps;
    }

    /**
     * Circuits in the order in which they go on, with the breakers of feeders among them: the one that feeds a sub-panel goes on
     * before the first circuit there. Its load is what is on behind it, so it starts nothing by itself.
     *
     * @param  list<string>  $ids  of circuits
     * @return list<string> of circuits
     */
    public static function inOrder(Job $job, array $ids): array
    {
        $ordered = [];
        foreach ($ids as $id) {
            $before = [];
            for ($panel = $job->panelWith($id); $panel !== null; $panel = $feeder === null ? null : $job->panelWith($feeder->id)) {
                $feeder = $job->feederOf($panel);
                $before = $feeder === null ? $before : [$feeder->id, ...$before];
            }
            array_push($ordered, ...$before, ...[$id]);
        }

        return array_values(array_unique($ordered));
    }
}
