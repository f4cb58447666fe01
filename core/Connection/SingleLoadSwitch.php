<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Element;
use Underpin\Assembly\Line;
use Underpin\Assembly\Task;
use Underpin\Codebook\Source;
use Underpin\Codebook\TransferSwitches;
use Underpin\Connection\Source\SourceSteps;
use Underpin\Job\Circuit;
use Underpin\Job\Outlet;
use Underpin\Loads\Plan;
use Underpin\Sizing\Supply;
use Underpin\Wiring\FeederSize;

/**
 * A small switch with its own inlet at one load, such as a boiler: that one is fed by a cord, everything else stays as it is. NEC
 * 2023 702.5(A).
 */
final class SingleLoadSwitch implements Way
{
    use MovesCircuits;

    public function key(): string
    {
        return 'single_circuit';
    }

    public function words(): string
    {
        return 'one load\'s own transfer switch at the load';
    }

    public function verdict(Situation $situation): WayVerdict
    {
        $circuit = $this->circuit($situation);
        $dead = array_values(array_filter($situation->plan->must, fn (Circuit $c): bool => $c->id !== $circuit?->id));
        $source = Source::nec('110.3(B), 702.5(A)');

        return new WayVerdict($this, [
            $circuit === null
                ? Reason::stops(
                    'No circuit that must run is one-pole and at most '.TransferSwitches::SINGLE_A.' A: such a switch takes no more.',
                    $source,
                    'no single 120 V load',
                )
                : Reason::note("It feeds {$circuit->title()} alone, at the load, hot and neutral of that circuit in the switch.", $source),
            ...$situation->supply?->machine->form->isStandby() === true
                ? [Reason::stops('It takes a cord; a standby has none.', $source, 'a standby has no cord')] : [],
        ], $circuit === null ? [] : [$circuit], $dead);
    }

    public function isWired(): bool
    {
        return true;
    }

    public function switchesNeutral(Situation $situation): ?bool
    {
        return $situation->job->connection->switchesNeutral;
    }

    public function leavesToChoose(Situation $situation): array
    {
        return [WayChoice::Circuit, WayChoice::Neutral];
    }

    public function isLastResort(): bool
    {
        return false;
    }

    public function joinsSharedNeutrals(Situation $situation): ?bool
    {
        return false;
    }

    public function onGenerator(Situation $situation): Plan
    {
        return $situation->plan;
    }

    public function layout(Situation $situation): ?SwitchLayout
    {
        return null;
    }

    public function reachesMore(): bool
    {
        return false;
    }

    public function means(): MeansOfTransfer
    {
        return MeansOfTransfer::SingleCircuit;
    }

    public function transfers(Situation $situation): array
    {
        $circuit = $this->circuit($situation);

        return $circuit === null ? [] : [new TransferPoint(
            TransferKind::Circuits, 'Switch at the load', TransferSwitches::SINGLE_A, $situation->job->panelWith($circuit->id), [$circuit],
        )];
    }

    public function failsBy(): string
    {
        return 'everything else stays dark';
    }

    public function assemble(Situation $situation, Supply $supply): Assembly
    {
        return CordFeed::assembly($situation, $supply, Outlet::Straight20->value, TransferSwitches::SINGLE_A, new Component(
            'switch', ComponentKind::Switch, 'transfer switch at the load', TransferSwitches::SINGLE_A,
            designation: Outlet::Straight20->plug(), task: Task::SingleSwitch, order: 'Transfer switch at the load', lines: [new Line(
                'Switch', TransferSwitches::SINGLE_A.' A, 120 V, with an inlet of its own',
                'Between the circuit and the load that it feeds, '
                    .'beside the load.',
                Source::nec('702.5(A), 110.3(B)'),
            )],
        ), $this->around($situation));
    }

    /** @return list<Element> the circuit that comes in, and the load */
    private function around(Situation $situation): array
    {
        $circuit = $this->circuit($situation);
        $panel = $circuit === null ? null : $situation->job->panelWith($circuit->id);
        if ($circuit === null || $panel === null) {
            return [];
        }
        $house = new HousePanel($situation, $panel);
        $size = FeederSize::copper($circuit->breakerAmps);
        $line = new Line(
            "Circuit {$circuit->label()} $circuit->name",
            $size === null ? "$circuit->breakerAmps A" : "$circuit->breakerAmps A, {$size->words()} copper",
            'It comes into the switch and goes on to the load: hot and neutral through the switch as its label shows, ground joined to '
                .'its box.',
            Source::nec('240.4(D), 250.148'),
        );

        return [
            ...$house->parts(), $house->circuit($circuit), new Component('load', ComponentKind::Appliance, $circuit->name),
            Bundle::between(
                'branch:in', ConductorKind::Branch, Bundle::of(false), Ends::breaker("circuit:$circuit->id", HousePanel::id($panel->id)),
                Ends::side('switch', 'line'), $circuit->breakerAmps, $size, all: [$line],
            ),
            Bundle::between(
                'branch:out', ConductorKind::Branch, Bundle::of(false), Ends::side('switch', 'load'), Ends::side('load', ''),
                $circuit->breakerAmps, $size,
            ),
        ];
    }

    public function atNight(): string
    {
        return 'Run one cord to the switch at the load, start the engine, and move the switch to GENERATOR.';
    }

    public function throws(): string
    {
        return 'Switch';
    }

    public function unload(): string
    {
        return 'move the switch at the load to OFF.';
    }

    public function caution(): string
    {
        return 'Never plug the generator into a wall outlet. Never two sources at once.';
    }

    public function toGenerator(Situation $situation, ?Assembly $assembly): array
    {
        $source = SourceSteps::of($situation, $assembly, 'the switch at the load');

        return [
            new OwnerStep('Move the switch at the load to OFF.', 'So that nothing loads a cold engine.'),
            ...$source->start(),
            new OwnerStep('Move the switch at the load to GENERATOR.'),
        ];
    }

    public function back(Situation $situation, ?Assembly $assembly): array
    {
        return [
            new OwnerStep('Move the switch at the load from GENERATOR over OFF to LINE.'),
            ...SourceSteps::of($situation, $assembly, 'the switch at the load')->stop(),
        ];
    }

    /** The one that was chosen, else the largest that such a switch takes. */
    private function circuit(Situation $situation): ?Circuit
    {
        $fits = array_values(array_filter($situation->plan->must, fn (Circuit $c): bool => $c->position->poles === 1
            && $c->breakerAmps <= TransferSwitches::SINGLE_A));
        $chosen = array_filter($fits, fn (Circuit $c): bool => $c->id === $situation->job->connection->circuit);
        usort($fits, fn (Circuit $x, Circuit $y): int => $y->runAmps() <=> $x->runAmps());

        return array_values($chosen)[0] ?? $fits[0] ?? null;
    }
}
