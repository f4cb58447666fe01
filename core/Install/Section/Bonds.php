<?php

declare(strict_types=1);

namespace Underpin\Install\Section;

use Underpin\Assembly\Bond;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\Deed;
use Underpin\Assembly\Task;
use Underpin\Checklist\ChecklistStep;
use Underpin\Checklist\Range;
use Underpin\Checklist\Reading;
use Underpin\Checklist\StepKind;
use Underpin\Codebook\InsulationTest;
use Underpin\Codebook\Source;
use Underpin\Form\Unit;
use Underpin\Install\Section;
use Underpin\Install\WorkSite;

/** Neutral and ground meet where the design says and nowhere on the load side. NEC 2023 250.24, 250.30, 250.142. */
final class Bonds extends Section
{
    protected function title(): string
    {
        return 'Bonds';
    }

    public function steps(WorkSite $site): array
    {
        $bonds = array_values(array_filter($site->built->bonds(), fn (Bond $b): bool => $b->lines !== []));

        return [
            // A bond that is new is in before any other comes out.
            ...array_map($this->bond(...), $bonds),
            ...array_merge([], ...array_map($this->parted(...), $site->built->deeds())),
            ...array_merge([], ...array_map(fn (Component $c): array => $this->open($site, $c), $this->loadSide($site))),
        ];
    }

    private function bond(Bond $bond): ChecklistStep
    {
        $line = $bond->lines[0];

        return $this->holding(
            "bond:$bond->id", StepKind::Ground, "$line->part: $line->pick. Looked at, and so.", $line->why, $line->source,
            caution: 'Never lift a main bonding jumper while any source is live: the whole fault current of the house hangs on it.',
        );
    }

    /** @return list<ChecklistStep> what was the service panel becomes a sub-panel */
    private function parted(Deed $deed): array
    {
        return $deed->task !== Task::BecomesSub ? [] : [$this->holding(
            "parted:$deed->id", StepKind::Ground, "$deed->place: neutrals and grounds on bars of their own, its bonding screw or strap "
                .'out, marked that '
                .'it is out. The new main bonding jumper is in and proven, and the fourth wire of the feeder is on.',
            'In this order: a panel without any bond has no way back for a fault, and one with two sends the neutral\'s current over its '
                .'metal.',
            Source::nec('250.24, 250.142(B), 408.40'), caution: 'Everything is dead and locked, or the old bond stays where it is.',
        )];
    }

    /** @return list<Component> panels and switches of this work in which nothing joins neutral and ground */
    private function loadSide(WorkSite $site): array
    {
        $bonded = array_map(fn (Bond $b): string => $b->at, $site->built->bonds());
        $distribution = $site->design->distribution();

        return array_values(array_filter($site->built->components(), function (Component $c) use ($site, $bonded, $distribution): bool {
            $panel = $site->panel($c);
            $node = $panel === null ? null : $distribution->node($panel->id);
            $isBehind = $panel === null || $node !== null && $distribution->isBehindService($node) === true && $panel->bonded !== true;
            $isParted = $panel !== null && array_filter($site->built->deeds(), fn (Deed $d): bool => $d->id === "parted:$panel->id") !== [];

            return ($isBehind || $isParted) && ! in_array($c->id, $bonded, true) && $c->inside === null
                && ($c->kind === ComponentKind::Switch || $c->kind === ComponentKind::Panel) && $site->endsIn($c->id) !== [];
        }));
    }

    /** @return list<ChecklistStep> */
    private function open(WorkSite $site, Component $component): array
    {
        return [
            $this->step(
                "open-neutral:$component->id", StepKind::Test, "$component->name: everything dead, each neutral between it and another box "
                    .'lifted at both ends: its neutral to its ground.',
                'A bond on the load side sends the neutral\'s current over raceways, pipes and cases.', Source::nec('250.24, 250.142(B)'),
                Reading::within(
                    Unit::Kilohms, new Range(InsulationTest::OPEN_KOHM, null, 'practice'),
                    'Neutral and ground meet on the load side. Nobody takes a bond out before the fourth wire, or another ground path, '
                        .'is proven: '
                        .'until then it may be the only way back for a fault.',
                    [
                        'is every neutral lifted at both ends', 'the bonding screw or strap of this enclosure',
                        'a neutral on the ground bar, or a ground on the neutral bar', 'a load whose neutral touches its case',
                    ],
                ), caution: 'With the neutral lifted nothing is switched on: 120 V loads would see up to 240 V.',
            ),
            $this->holding(
                "neutral-back:$component->id", StepKind::Torque, "$component->name: every neutral that was lifted is back on its "
                    .'terminals, at both '
                    .'ends, and marked.',
                'A neutral that is forgotten burns what hangs on 120 V.', Source::nec('110.14(D)'), Reading::torque(null),
            ),
        ];
    }
}
