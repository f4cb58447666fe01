<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Bond;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\Conductor;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Deed;
use Underpin\Assembly\Element;
use Underpin\Assembly\Line;
use Underpin\Assembly\Task;
use Underpin\Assembly\Terminal;
use Underpin\Assembly\Wire;
use Underpin\Assembly\WireRole;
use Underpin\Codebook\BondingJumpers;
use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\EquipmentGrounds;
use Underpin\Codebook\Material;
use Underpin\Codebook\Source;
use Underpin\Job\Panel;
use Underpin\Wiring\FeederSize;

/**
 * A switch between what feeds a panel and the panel: both its feeders, and the bond and electrode where it becomes the service
 * disconnect. NEC 2023 230.66, 250.24, 250.28, 250.66, 215.6.
 */
final readonly class SwitchAhead
{
    private HousePanel $panel;

    private AtService $at;

    private ?ConductorSize $size;

    /** @param  string  $id  of the switch in the assembly */
    public function __construct(
        private Situation $situation, Panel $panel, private string $id, private string $name, private SwitchMake $make,
    ) {
        $this->panel = new HousePanel($situation, $panel);
        $this->at = new AtService($situation, $panel);
        $amps = $this->at->amps();
        $this->size = $amps === null ? null : FeederSize::copper($amps);
    }

    /** @return list<Element> */
    public function parts(): array
    {
        $panel = $this->panel->panel;
        $amps = $this->at->amps();
        $switchAmps = $this->at->switchAmps();
        $ground = $amps === null ? null : EquipmentGrounds::size(min($amps, 600), Material::Copper);
        $switch = new Component(
            $this->id, ComponentKind::Switch, $this->name, $switchAmps, 240, 2, lines: [
                $this->rating($switchAmps), ...$this->at->isService() === true ? [NewService::disconnect()] : [],
            ], task: $this->make->task($switchAmps), order: $this->make->value,
        );
        $fourth = [WireRole::Ground->value => new Line(
            "Equipment ground to $panel->name", $ground === null ? 'by the breaker ahead' : "at least {$ground->words()} copper",
            'Behind the service disconnect neutral and ground lie apart, in four wires.', Source::nec('215.6, 250.122'),
        )];

        return [
            ...$this->panel->source(), $switch, ...$this->at->isService() === true ? [
                NewService::surge($this->id), new Deed("parted:$panel->id", Task::BecomesSub, 1, $panel->name),
            ] : [],
            ...$this->panel->parts(),
            Bundle::between(
                "line:$this->id", ConductorKind::Feeder, Bundle::feeder($this->panel->isBehindService()), $this->panel->sourceEnds(),
                Ends::side($this->id, 'utility'), $amps, $this->size, $ground, all: [$this->feeder($amps)],
            ),
            Bundle::between(
                "load:$this->id", ConductorKind::Feeder, Bundle::feeder(true), Ends::side($this->id, 'load'), $this->panel->ends(), $amps,
                $this->size, $ground, $fourth,
            ),
            ...$this->bond(),
        ];
    }

    private function rating(?int $amps): Line
    {
        return new Line(
            $this->name, $amps === null ? 'rating not known: note what the service carries' : "$amps A, 240 V, two-pole"
                .($this->at->isService() === true ? ', marked suitable for use as service equipment' : ''),
            'It carries all that the utility may send through it. '.$this->withstands(), Source::nec('110.9, 110.10, 230.66, 702.5(A)'),
        );
    }

    private function withstands(): string
    {
        $connection = $this->situation->job->connection;

        return match (true) {
            $connection->utilityFaultAmps === null => 'Its label states the fault current that it withstands, and with which breaker '
                .'ahead: ask '
                .'the utility what is there, for it and for the breakers behind it.',
            $connection->withstandAmps === null => 'It and the breakers behind it must withstand '
                .number_format($connection->utilityFaultAmps).' A: read their labels.',
            default => 'Its label says '.number_format($connection->withstandAmps).' A, and '.number_format($connection->utilityFaultAmps)
                .' A can flow in a fault; the breakers behind it '.($connection->interruptAmps === null
                    ? 'must interrupt as much: read their labels.'
                    : 'interrupt '.number_format($connection->interruptAmps).' A.'),
        };
    }

    private function feeder(?int $amps): Line
    {
        $dwelling = $amps === null ? null : FeederSize::dwellingCopper($amps);

        return new Line(
            "Feeders of {$this->panel->panel->name}", match (true) {
                $amps === null => 'size not known: note what the service carries',
                $this->size === null => 'parallel sets, each of at least 1/0 AWG',
                default => "at least {$this->size->words()} copper".($dwelling === null || $dwelling === $this->size ? ''
                    : "; {$dwelling->words()} where it carries all of one dwelling"),
            },
            'What is there may stay where it is long enough and no smaller; it then ends at the switch.',
            Source::nec('310.16, 310.12, 240.4(B)'),
        );
    }

    /** @return list<Element> */
    private function bond(): array
    {
        $ahead = $this->at->ahead();
        $service = $this->at->isService();
        if ($service === true) {
            return $this->becomesService();
        }
        if ($this->at->isBehindAPanel()) {
            return [];
        }

        return $ahead === null || $service === null ? [new Bond("bond:$this->id", 'service', [new Line(
            'Main bonding jumper', 'not known: where the service is switched off is not noted',
            'It belongs in each service disconnect, and nowhere behind it. Nobody takes a bond out before that is known.',
            Source::nec('250.24, 250.28'),
        )])] : [new Bond("bond:$this->id", "disconnect:$ahead->id", [new Line(
            "Main bonding jumper, $ahead->name", $ahead->bonded === true ? 'stays where it is' : 'look: it belongs here',
            "$ahead->name is the service disconnect. It keeps its bond, and its electrode conductor; the switch and "
                ."{$this->panel->panel->name} "
                .'have none.',
            Source::nec('250.24, 250.28'),
        )])];
    }

    /** @return list<Element> */
    private function becomesService(): array
    {
        $jumper = $this->size === null ? null : BondingJumpers::copper($this->size, Material::Copper);
        $pick = $jumper === null ? 'by the service conductors' : "at least {$jumper->words()} copper";

        return [
            new Bond("bond:$this->id", $this->id, [new Line(
                "Main bonding jumper, $this->name", "$pick, or the one that comes with it",
                'The switch becomes the service disconnect. The old bond comes out only when this one is in and proven, everything dead.',
                Source::nec('250.24, 250.28, Table 250.102(C)(1)'),
            )]),
            new Component("electrode:$this->id", ComponentKind::Electrode, 'Grounding electrodes'),
            new Conductor(
                "gec:$this->id", ConductorKind::Electrode, $this->id, "electrode:$this->id", [new Wire(
                    "gec:$this->id.electrode", WireRole::Electrode, new Terminal($this->id, 'bond'),
                    new Terminal("electrode:$this->id", 'electrode'), $jumper, Material::Copper, new Line(
                        'Electrode conductor', "$pick; 6 AWG is enough to a rod alone",
                        'It moves with the bond, unspliced, or by the splices that are allowed.', Source::nec('250.64(C), 250.66'),
                    ),
                )], $jumper, Material::Copper, null, null, null,
            ),
        ];
    }
}
