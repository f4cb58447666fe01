<?php

declare(strict_types=1);

namespace Underpin\Install\Section;

use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\Conductor;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Terminal;
use Underpin\Assembly\Wire;
use Underpin\Assembly\WireRole;
use Underpin\Checklist\ChecklistStep;
use Underpin\Checklist\Reading;
use Underpin\Checklist\StepKind;
use Underpin\Codebook\Source;
use Underpin\Install\Section;
use Underpin\Install\WorkSite;
use Underpin\Say;

/** Every end of every new conductor on its terminal: ground first, neutral, hots; each torqued, and once more when it is dressed. */
final class Connecting extends Section
{
    private const ORDER = [
        WireRole::Electrode->value => 0, WireRole::Ground->value => 1, WireRole::Neutral->value => 2, WireRole::HotA->value => 3,
        WireRole::HotB->value => 4, WireRole::Start->value => 5, WireRole::Sense->value => 6,
    ];

    protected function title(): string
    {
        return 'Connect';
    }

    public function steps(WorkSite $site): array
    {
        return [
            ...array_merge([], ...array_map(fn (Conductor $c): array => $this->conductor($site, $c), $site->laid())),
            ...$this->secondPass($site),
        ];
    }

    /** @return list<ChecklistStep> */
    private function conductor(WorkSite $site, Conductor $conductor): array
    {
        $wires = $conductor->wires;
        usort($wires, fn (Wire $x, Wire $y): int => self::ORDER[$x->role->value] <=> self::ORDER[$y->role->value]);
        $steps = [];
        foreach ($wires as $wire) {
            foreach (['from' => $wire->from, 'to' => $wire->to] as $end => $terminal) {
                $steps[] = $this->end($site, $conductor, $wire, $terminal, "connect:$wire->id.$end");
            }
        }

        return $steps;
    }

    private function end(WorkSite $site, Conductor $conductor, Wire $wire, Terminal $terminal, string $key): ChecklistStep
    {
        $isGround = $wire->role === WireRole::Ground || $wire->role === WireRole::Electrode;
        $where = $site->terminalWords($terminal);
        $group = "Connect: {$conductor->kind->words()} from {$site->built->nameOf($conductor->from)} to "
            ."{$site->built->nameOf($conductor->to)}";
        $what = ucfirst($wire->role->words()).', '.$wire->words();

        return $this->step(
            $key, $isGround ? StepKind::Ground : StepKind::Connect, match (true) {
                $this->isUtilitys($site, $terminal) => "$what, at the utility's terminals: by whom the utility says.",
                $terminal->isSplice => "$what: joined in {$site->built->nameOf($terminal->component)} ($terminal->name), with a "
                    .'connector that is '
                    .'listed for these sizes and pulled at.',
                default => "$what, to $where.",
            }, match (true) {
                $isGround => 'The ground goes on first and comes off last: until it is on, a fault has no way back.',
                $wire->role === WireRole::Neutral => 'On the neutral bar and on no other: a neutral that hangs in the air puts 240 V on '
                    .'120 V loads.',
                $conductor->kind === ConductorKind::Control => 'As the instructions number them: swapped ones keep the machine still, '
                    .'or start '
                    .'it for nothing.',
                default => 'Stripped to the gauge, all strands in, at the torque of the label.',
            }, Source::nec($terminal->isSplice ? '110.14(B)' : '110.14(D)'),
            $this->hasTorque($site, $conductor, $terminal) ? Reading::torque($site->labelInLb($terminal)) : null, group: $group,
        );
    }

    /** @return list<ChecklistStep> one of each box */
    private function secondPass(WorkSite $site): array
    {
        $ends = [];
        foreach ($site->laid() as $conductor) {
            foreach ($conductor->wires as $wire) {
                foreach ([$wire->from, $wire->to] as $terminal) {
                    if ($this->hasTorque($site, $conductor, $terminal)) {
                        $ends[$site->built->enclosure($terminal->component)][] = $terminal;
                    }
                }
            }
        }

        return array_map(fn (string $box, array $in): ChecklistStep => $this->step(
            "torque:$box", StepKind::Torque, "{$site->built->nameOf($box)}: ".Say::count(count($in),
                'terminal').' once more at the figure of the '
                .'label, now that the conductors are dressed; each marked across screw and body.',
            'Strands settle. Later years look at the mark and never tighten blindly.', Source::nec('110.14(D)'),
            group: 'Second pass',
        ), array_map(strval(...), array_keys($ends)), array_values($ends));
    }

    private function hasTorque(WorkSite $site, Conductor $conductor, Terminal $terminal): bool
    {
        return ! $terminal->isSplice && $conductor->kind !== ConductorKind::Control && ! $this->isUtilitys($site, $terminal);
    }

    private function isUtilitys(WorkSite $site, Terminal $terminal): bool
    {
        foreach ($site->built->components(ComponentKind::Utility) as $utility) {
            if ($utility->id === $terminal->component) {
                return true;
            }
        }

        return false;
    }
}
