<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\Conductor;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Deed;
use Underpin\Assembly\Element;
use Underpin\Assembly\Line;
use Underpin\Assembly\Part;
use Underpin\Assembly\Task;
use Underpin\Assembly\Terminal;
use Underpin\Assembly\Wire;
use Underpin\Assembly\WireRole;
use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\EquipmentGrounds;
use Underpin\Codebook\Material;
use Underpin\Codebook\Source;
use Underpin\Job\Circuit;
use Underpin\Job\Panel;
use Underpin\Legs\Leg;
use Underpin\Say;
use Underpin\Wiring\FeederSize;

/**
 * The conductors of circuits that are taken to a switch or a transfer panel: from their breakers to it, and from it back to what
 * they feed. NEC 2023 200.4, 300.3(B), 312.8, 110.14(B).
 */
final readonly class CircuitsMoved
{
    /**
     * @param  list<Circuit>  $circuits
     * @param  bool  $keepsBreaker  the breaker stays in the panel and feeds the switch
     * @param  bool  $movesNeutral  the neutral goes along
     * @param  ?bool  $breaksNeutral  the switch parts it from the house's on the generator; null: not chosen
     */
    public function __construct(
        private Situation $situation, private array $circuits, private ?SwitchLayout $layout, private bool $keepsBreaker,
        private bool $movesNeutral, private ?bool $breaksNeutral = false,
    ) {
    }

    /** @return list<Element> */
    public function parts(): array
    {
        $circuits = $this->inOrder();
        $panels = $this->panels();
        $splices = $this->situation->job->authority->rules->splicesInPanel;

        return [
            ...array_merge([], ...array_map(fn (HousePanel $p): array => [...$p->parts(), ...$p->bond()], $panels)),
            ...$splices || $this->circuits === [] ? [] : [new Component(
                'box', ComponentKind::Box, 'Junction box beside the panel', task: Task::JunctionBox, lines: [new Line(
                    'Junction box', 'beside '.Say::list(array_map(fn (HousePanel $p): string => $p->panel->name, $panels)),
                    'The local rules allow no splices in the panel: the circuits are spliced in a box that stays open to reach, or their '
                        .'cables are long enough to go over whole.',
                    Source::nec('314.16, 314.29, 300.15'),
                )],
            )],
            ...$this->keepsBreaker ? array_map(fn (Circuit $c): Component => $this->home($c)->circuit($c), $circuits) : [],
            ...array_map($this->branch(...), $circuits),
            ...array_map(fn (HousePanel $p): Conductor => $this->between($p), $this->keepsBreaker ? $panels : []),
            ...$this->deeds(),
        ];
    }

    /**
     * Circuits that leave their breakers behind: each takes one of the same rating in the other panel.
     *
     * @param  list<Circuit>  $circuits
     * @return list<Deed>
     */
    public static function breakers(array $circuits, string $from): array
    {
        $alike = [];
        foreach ($circuits as $circuit) {
            $alike["$circuit->breakerAmps-{$circuit->position->poles}"][] = $circuit;
        }

        return array_map(fn (string $key, array $of): Deed => new Deed(
            "moved:$key", Task::CircuitMoved, count($of), "circuits that are moved from $from",
            Part::breaker($of[0]->breakerAmps, $of[0]->position->poles),
        ), array_map(strval(...), array_keys($alike)), array_values($alike));
    }

    /** @return list<Circuit> by their places, where the switch has places */
    private function inOrder(): array
    {
        $circuits = $this->circuits;
        usort($circuits, fn (Circuit $x, Circuit $y): int => $this->layout?->placeOf($x) <=> $this->layout?->placeOf($y));

        return $circuits;
    }

    private function branch(Circuit $circuit): Conductor
    {
        $size = FeederSize::copper($circuit->breakerAmps);
        $home = $this->home($circuit);
        $place = $this->layout?->placesOf($circuit) ?? [];
        $names = $place === [] ? "circuit {$circuit->label()}" : (
            $this->layout->isPanel ? 'space ' : 'place '
        ).implode('–', $place);
        $legs = $circuit->position->poles === 2
            ? [WireRole::HotA, WireRole::HotB]
            : [($this->layout?->onItsLeg($circuit) ?? $circuit)->leg() === Leg::B ? WireRole::HotB : WireRole::HotA];
        $id = "branch:$circuit->id";
        $splice = fn (string $what): Terminal => new Terminal(
            $this->spliceIn($home), trim(($this->movesNeutral ? 'cable of ' : 'splice of ').$circuit->label()." $what"), true,
        );
        $line = $this->line($circuit, $names, $size);
        $wires = [];
        foreach ($legs as $leg) {
            $part = count($legs) === 2 ? ($leg === WireRole::HotA ? ' A' : ' B') : '';
            if ($this->keepsBreaker) {
                $wires[] = new Wire(
                    "$id.in-$leg->value", $leg, new Terminal("circuit:$circuit->id", trim($part)), new Terminal('switch', "$names in$part"),
                    $size, Material::Copper, $line,
                );
            }
            $wires[] = new Wire(
                "$id.out-$leg->value", $leg, new Terminal('switch', $names.($this->keepsBreaker ? ' out' : '').$part),
                $splice($this->movesNeutral ? "hot$part" : trim($part)), $size, Material::Copper, $line,
            );
        }
        if ($this->movesNeutral) {
            $wires[] = new Wire(
                "$id.neutral", WireRole::Neutral, new Terminal('switch', "$names neutral"), $splice('neutral'), $size, Material::Copper,
                $line,
            );
            $wires[] = new Wire(
                "$id.ground", WireRole::Ground, new Terminal('switch', "$names ground"), $splice('ground'),
                EquipmentGrounds::size($circuit->breakerAmps, Material::Copper), Material::Copper, $line,
            );
        }

        return new Conductor(
            $id, ConductorKind::Branch, 'switch', $this->spliceIn($home), $wires, $size, Material::Copper, null,
            (float) $circuit->breakerAmps,
            null, comesAlong: $this->hasTails(),
        );
    }

    /** @return list<Deed> */
    private function deeds(): array
    {
        $from = Say::list(array_map(fn (HousePanel $p): string => $p->panel->name, $this->panels()));

        return match (true) {
            $this->circuits === [] => [],
            $this->keepsBreaker => [new Deed('moved', Task::CircuitMoved, count($this->circuits), "circuits of $from")],
            default => self::breakers($this->circuits, $from),
        };
    }

    /** The switch brings the conductors that are spliced in the panel, in a raceway of its own. */
    private function hasTails(): bool
    {
        return $this->keepsBreaker && ! $this->movesNeutral;
    }

    private function line(Circuit $circuit, string $names, ?ConductorSize $size): Line
    {
        $sized = $size === null ? '' : ", {$size->words()} copper";
        $neutral = $this->movesNeutral
            ? 'Its neutral goes with its hot, in one cable. Lengthened by more than 6 ft, a circuit of a dwelling takes arc-fault '
                .'protection.'
            : 'Its neutral stays on the bar of the panel, as the listing of the switch allows.';

        return new Line(
            "Circuit {$circuit->label()} {$circuit->name}", "$names, $circuit->breakerAmps A$sized", $this->keepsBreaker
                ? "From its breaker to the switch and back to its own wire. $neutral"
                : "Off its breaker in the old panel, on one of the same rating in the transfer panel. $neutral",
            Source::nec($this->movesNeutral ? '200.4, 300.3(B), 240.4(D), 210.12(E)' : '110.3(B), 312.8, 240.4(D)'),
        );
    }

    /** Neutral and ground between switch and panel. */
    private function between(HousePanel $panel): Conductor
    {
        $id = HousePanel::id($panel->panel->id);

        return Bundle::between(
            "between:{$panel->panel->id}", ConductorKind::Feeder, [WireRole::Neutral, WireRole::Ground], Ends::side('switch', ''),
            Ends::lugs($id), null, all: [new Line(
                "Neutral and ground to {$panel->panel->name}", 'one of each, sized as the generator run, in the switch\'s own raceway',
                match ($this->breaksNeutral) {
                    true => 'The neutral of the house comes to the switch over it, which parts the two: it is never joined to the '
                        .'generator\'s. The ground goes through to the bar of the panel. Nothing bonds the two in the switch.',
                    false => 'The generator\'s neutral reaches the branch neutrals here, and its ground the bar of the panel. Nothing '
                        .'bonds the two in the switch.',
                    null => 'Whether the generator\'s neutral is joined to it is for the kind of switch to say: choose that first. The '
                        .'ground goes through to the bar of the panel. Nothing bonds the two in the switch.',
                },
                Source::nec('250.24, 250.122, 300.3(B)'),
            )], comesAlong: $this->hasTails(),
        );
    }

    private function spliceIn(HousePanel $home): string
    {
        return $this->situation->job->authority->rules->splicesInPanel ? HousePanel::id($home->panel->id) : 'box';
    }

    private function home(Circuit $circuit): HousePanel
    {
        $panel = $this->situation->job->panelWith($circuit->id);
        assert($panel instanceof Panel);

        return new HousePanel($this->situation, $panel);
    }

    /** @return list<HousePanel> that the circuits come from, each once */
    private function panels(): array
    {
        $panels = [];
        foreach ($this->circuits as $circuit) {
            $home = $this->home($circuit);
            $panels[$home->panel->id.' '] = $home;
        }

        return array_values($panels);
    }
}
