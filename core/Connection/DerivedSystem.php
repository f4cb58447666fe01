<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Bond;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\Conductor;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Element;
use Underpin\Assembly\Line;
use Underpin\Assembly\Task;
use Underpin\Assembly\Terminal;
use Underpin\Assembly\Wire;
use Underpin\Assembly\WireRole;
use Underpin\Codebook\BondingJumpers;
use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\Material;
use Underpin\Codebook\Source;
use Underpin\Job\GeneratorNeutral;
use Underpin\Job\Outlet;
use Underpin\Sizing\Supply;

/**
 * What a machine brings along that is a separately derived system, its neutral bonded and broken by the switch: the jumper at the
 * machine and its electrode. NEC 2023 250.30, 250.66, Table 250.102(C)(1), 702.11(A).
 */
final class DerivedSystem
{
    /** id of what keeps the machine's frame at the earth */
    public const ELECTRODE = 'electrode:generator';

    /**
     * @param  ?bool  $switches  the switch breaks the neutral; null: not chosen
     * @return list<Element>
     */
    public static function parts(Supply $supply, ?bool $switches, Assembly $built): array
    {
        if ($supply->machine->bond !== GeneratorNeutral::Bonded || $switches !== true) {
            return [];
        }
        $first = $built->conductors()[0] ?? null;
        $jumper = $first?->size === null ? null : BondingJumpers::copper($first->size, $first->material);
        $pick = $jumper === null ? 'by the conductors of the machine' : "at least {$jumper->words()} copper";
        $stays = $supply->machine->outlet === Outlet::Terminals;

        return [
            new Bond('derived', 'generator', [
                new Line(
                    'System bonding jumper', "the one that comes with the machine; else $pick",
                    'From neutral to frame, at the machine only. Nobody takes it out while the switch breaks the neutral: it is the only '
                        .'way back for a fault.',
                    Source::nec('250.30(A)(1), Table 250.102(C)(1)'),
                ),
                ...$stays ? [] : [new Line(
                    'Electrode of the machine', "the electrodes of the house, $pick",
                    'A portable that is a source of its own and feeds the wiring of a building is grounded to its electrodes. The '
                        .'ground in '
                        .'the cord stays the way back for a fault; whether it serves as electrode conductor too, the authority says.',
                    Source::nec('250.30, 702.11(A)'),
                )],
            ]),
            ...$stays ? self::electrode($jumper, $pick) : [],
        ];
    }

    /** @return list<Element> */
    private static function electrode(?ConductorSize $size, string $pick): array
    {
        return [
            new Component(self::ELECTRODE, ComponentKind::Electrode, 'Electrode at the machine', task: Task::Electrode,
                order: 'Ground rod with clamp'),
            new Conductor('gec:generator', ConductorKind::Electrode, 'generator', self::ELECTRODE, [new Wire(
                'gec:generator.electrode', WireRole::Electrode, new Terminal('generator', 'bond'),
                new Terminal(self::ELECTRODE, 'electrode'), $size, Material::Copper, new Line(
                    'Electrode conductor of the machine', "$pick; 6 AWG is enough to a rod alone",
                    'A source of its own that stands outdoors takes its electrode there, and it is joined with the electrodes of the '
                        .'house.',
                    Source::nec('250.30, 250.50, 250.66'),
                ),
            )], $size, Material::Copper, null, null, null),
        ];
    }
}
