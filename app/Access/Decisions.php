<?php

declare(strict_types=1);

namespace App\Access;

use Underpin\Exchange\JobPatch;

/** Which parts of a job are found on site, for anybody to note, and which are decided, by who answers for them. */
final readonly class Decisions
{
    public const FOUND = [
        'name', 'customer', 'notes', 'service_a', 'service', 'panels', 'existing', 'site', 'demand', 'recorded',
        'photos', 'recordings', 'intervals', 'utility_fault_a', 'site_plan', 'fuel_kept', 'agreed', 'work', 'log', 'growth',
    ];

    /** part => how it is said */
    public const DECIDED = [
        'local_rules' => 'the local rules of a job', 'rules_profile' => 'the local rules of a job', 'margin_pct' => 'the margin',
        'machine' => 'the generator', 'fuel' => 'the generator', 'connection' => 'how it connects',
        'start_school' => 'the order of the start', 'switch_kind' => 'the switch', 'switch_places' => 'the switch',
        'fed_panel' => 'how it connects', 'single_circuit' => 'how it connects', 'switches_neutral' => 'the switch',
        'switch_meters' => 'the switch', 'withstand_a' => 'the switch', 'interrupt_a' => 'the switch', 'transfer_settings' => 'the switch',
        'shed' => 'load shedding',
        'picked_for' => 'how it connects', 'wire' => 'the wiring',
        'machine_spot' => 'where the machine stands', 'more_spots' => 'where the machine stands',
        'routes' => 'the ways of cord, trench and gas pipe',
        'offer' => 'what is offered', 'quotes' => 'what is offered',
        'set_aside' => 'what advice is set aside', 'figures' => 'what sizing rests on', 'figures_reason' => 'what sizing rests on',
    ];

    /** @return list<string> what a change decides, as it is said; a part that is in neither list counts as decided */
    public static function in(JobPatch $patch): array
    {
        $decided = [];
        foreach ($patch->changes as $change) {
            $part = $change['key'][0];
            if (! in_array($part, self::FOUND, true)) {
                $decided[] = self::DECIDED[$part] ?? $part;
            }
        }

        return array_values(array_unique($decided));
    }
}
