<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\Line;
use Underpin\Assembly\Task;
use Underpin\Codebook\ManualSwitches;
use Underpin\Codebook\Source;
use Underpin\Connection\Source\SourceSteps;
use Underpin\Job\Circuit;
use Underpin\Job\Job;
use Underpin\Job\Panel;
use Underpin\Job\SwitchKind;
use Underpin\Loads\Plan;
use Underpin\Say;
use Underpin\Service\Multiwire;
use Underpin\Sizing\Supply;

/**
 * A box beside the panel with a switch for each of 4 to 12 chosen circuits.
 * NEC 2023 702.5, 312.8 (splices), 210.12 and 210.8 (protection kept), 200.4 (a neutral for each circuit).
 */
final class ManualTransferSwitch implements Way
{
    public function key(): string
    {
        return 'manual_switch';
    }

    public function words(): string
    {
        return 'multi-circuit manual transfer switch';
    }

    public function verdict(Situation $situation): WayVerdict
    {
        $plan = $situation->plan;
        $moved = $this->moved($situation);
        $dead = array_values(array_filter($plan->must, fn (Circuit $c): bool => ! in_array($c, $moved, true)));
        $positions = array_sum(array_map(fn (Circuit $c): int => $c->position->poles, $moved));
        $size = ManualSwitches::with($positions);
        $kind = $situation->job->connection->switchKind;

        return new WayVerdict(
            $this,
            [
                ...$this->choice($plan, $positions, $size),
                ...$this->given($situation),
                ...$this->incoming($situation->supply, $size),
                ...$this->tooLarge($dead),
                ...(new OtherBuilding($situation))->reasons($situation->plan->must),
                ...$this->neutrals($kind, $situation),
                ...$this->splices($situation->job),
                ...$this->protection($moved),
                ...$this->multiwire($situation, $moved),
            ],
            $moved,
            $dead,
            $size,
        );
    }

    public function isWired(): bool
    {
        return true;
    }

    public function switchesNeutral(Situation $situation): ?bool
    {
        $connection = $situation->job->connection;

        return match (true) {
            $connection->switchKind !== SwitchKind::Pigtails => $connection->switchesNeutral,
            // Branch neutrals that stay in the panel are on the house's neutral, whatever the switch does.
            $connection->switchesNeutral === true => null,
            default => false,
        };
    }

    public function leavesToChoose(Situation $situation): array
    {
        $isOpen = $situation->job->connection->switchKind !== SwitchKind::Pigtails || $this->switchesNeutral($situation) === null;

        return [...$isOpen ? [WayChoice::Neutral] : [], WayChoice::Meters];
    }

    public function isLastResort(): bool
    {
        return false;
    }

    public function transfersByItself(): bool
    {
        return false;
    }

    public function joinsSharedNeutrals(Situation $situation): ?bool
    {
        return (new Multiwire($situation->job->service->panels))->among($this->moved($situation));
    }

    public function fedPanels(Situation $situation): array
    {
        return [];
    }

    public function onGenerator(Situation $situation): Plan
    {
        return $situation->plan->each($this->layout($situation)->onItsLeg(...));
    }

    public function layout(Situation $situation): SwitchLayout
    {
        return SwitchLayout::of(
            $this->moved($situation), $situation->job->connection->places, new Multiwire($situation->job->service->panels),
        );
    }

    public function reachesMore(): bool
    {
        return false;
    }

    public function leavesUtilityOn(): bool
    {
        return true;
    }

    public function switchesAtPanel(): bool
    {
        return false;
    }

    public function inTheWay(Situation $situation): array
    {
        return [];
    }

    public function platedPanel(Situation $situation): ?Panel
    {
        return null;
    }

    public function assemble(Situation $situation, Supply $supply): Assembly
    {
        $connection = $situation->job->connection;
        $moved = $this->moved($situation);
        $size = ManualSwitches::with(array_sum(array_map(fn (Circuit $c): int => $c->position->poles, $moved)));
        $amps = $size === null ? null : ManualSwitches::incomingAmps($size);
        $switch = new Component('switch', ComponentKind::Switch, 'Manual transfer switch', $amps, lines: [new Line(
            'Manual switch',
            $size === null ? 'none is made with so many places' : "$size places".($connection->meters ? ', with wattmeters' : ''),
            'One place for each pole: odd places on leg A, even ones on leg B. Each throws its circuit from the utility to the generator.',
            Source::nec('702.5(A), 110.3(B)'),
        )], task: Task::ManualSwitch, order: 'Manual transfer switch'.($size === null ? '' : ", $size places")
            .($connection->meters ? ', with wattmeters' : ''));

        return (new GeneratorFeed($situation, $supply, $amps))->assembly(FirstBreaker::inSwitch(
            'Switch\'s incoming breaker', Source::nec('240.4, 110.3(B)'),
            onOneHot: 'one-pole, and the two halves of the switch joined as its instructions say',
        ), [$switch, ...(new CircuitsMoved(
            $situation, $moved, $this->layout($situation), true,
            $connection->switchKind?->movesNeutrals() === true || $this->switchesNeutral($situation) === true,
            $this->switchesNeutral($situation),
        ))->parts()]);
    }

    public function means(): MeansOfTransfer
    {
        return MeansOfTransfer::ManualSwitch;
    }

    public function transfers(Situation $situation): array
    {
        $moved = $this->moved($situation);
        $size = ManualSwitches::with(array_sum(array_map(fn (Circuit $c): int => $c->position->poles, $moved)));
        $panel = $moved === [] ? $situation->job->panel() : $situation->job->panelWith($moved[0]->id);
        $title = 'Manual transfer switch'.($size === null ? '' : ", $size places");

        return [new TransferPoint(
            TransferKind::Circuits, $title, $size === null ? null : ManualSwitches::incomingAmps($size), $panel, $moved,
        )];
    }

    public function meter(Situation $situation): MeterWork
    {
        return MeterWork::Stays;
    }

    public function failsBy(): string
    {
        return 'a load that was left out for good; protection lost unless it sits in the switch';
    }

    public function atNight(): string
    {
        return 'Start the engine, then throw one switch after the other on the box. No guessing, but the choice is fixed.';
    }

    public function throws(): string
    {
        return 'Switch';
    }

    public function unload(): string
    {
        return 'throw every switch to OFF.';
    }

    public function caution(): string
    {
        return 'Never two sources at once. Never force the switch, never take it off.';
    }

    public function toGenerator(Situation $situation, ?Assembly $assembly): array
    {
        $engine = SourceSteps::of($situation, $assembly);

        return [
            new OwnerStep('At the transfer switch, leave every switch on LINE.', 'So that nothing loads a cold engine.'),
            ...$engine->start(),
            ...($engine->reachesTheHouse()
                ? [new OwnerStep('Check that the meter or lamp on the transfer switch shows generator power. Then go down the list.')]
                : []),
        ];
    }

    public function back(Situation $situation, ?Assembly $assembly): array
    {
        return [
            new OwnerStep('Throw each switch from GEN through OFF to LINE, one at a time, from the bottom of the list up.'),
            ...SourceSteps::of($situation, $assembly)->stop(),
        ];
    }

    /** @return list<Reason> */
    private function choice(Plan $plan, int $positions, ?int $size): array
    {
        $source = Source::nec('702.4, 702.5');
        if ($plan->must === []) {
            return [Reason::open('Mark the circuits that must run: each takes a place on the switch.', $source, 'mark what must run')];
        }
        if ($size === null) {
            return [
                Reason::stops(
                    'The circuits that must run take '.Say::count($positions, 'place').'; such switches end at '
                        .max(ManualSwitches::PLACES).'. Leave some off, or use an interlock or a sub-panel.',
                    $source, "$positions places, it ends at ".max(ManualSwitches::PLACES),
                ),
            ];
        }

        return [Reason::note('The circuits that must run take '.Say::count($positions, 'place').": a switch for $size.", $source)];
    }

    /**
     * @param  list<Circuit>  $dead
     * @return list<Reason>
     */
    private function tooLarge(array $dead): array
    {
        $large = array_filter($dead, fn (Circuit $c): bool => $c->breakerAmps > ManualSwitches::MOST_BREAKER_A);
        if ($large === []) {
            return [];
        }
        $names = Say::list(array_values(array_map(fn (Circuit $c): string => $c->title()." ($c->breakerAmps A)", $large)));

        return [
            Reason::stops(
                "$names cannot go on it: its breakers end at ".ManualSwitches::MOST_BREAKER_A.' A.', Source::nec('110.3(B)'),
                Say::count(count($large), 'circuit').' over '.ManualSwitches::MOST_BREAKER_A.' A',
            ),
        ];
    }

    /**
     * The circuits that must run and can go on it.
     *
     * @return list<Circuit>
     */
    private function moved(Situation $situation): array
    {
        return (new OtherBuilding($situation))->without(array_values(array_filter(
            $situation->plan->must,
            fn (Circuit $c): bool => $c->breakerAmps <= ManualSwitches::MOST_BREAKER_A
                && ($situation->supply === null || $situation->supply->canFeed($c)),
        )));
    }

    /** @return list<Reason> places that were given and cannot be kept */
    private function given(Situation $situation): array
    {
        $notKept = $this->layout($situation)->notKept;

        return $notKept === [] ? [] : [Reason::open(
            'The places given to '.Say::list($notKept).' cannot be kept together: a two-pole circuit, and the two halves of a multiwire '
                .'one, need an odd place and the next. All are laid out anew until that is mended.',
            Source::practice('places of a switch'),
        )];
    }

    /** @return list<Reason> */
    private function incoming(?Supply $supply, ?int $size): array
    {
        $most = $size === null ? null : ManualSwitches::incomingAmps($size);
        $gives = $supply?->machine->outletAmps;
        if ($most === null || $gives === null || $gives <= $most) {
            return [];
        }

        return [Reason::note(
            "The machine's outlet or breaker is $gives A, and a switch of $size places usually takes $most A at most (its label comes "
                ."first): its incoming breaker is no larger than that, and what runs on it stays within $most A a leg.",
            Source::nec('110.3(B), 240.4'),
        )];
    }

    /** @return list<Reason> */
    private function neutrals(?SwitchKind $kind, Situation $situation): array
    {
        $source = Source::nec('200.4, 300.3(B), 110.3(B)');

        if ($kind === SwitchKind::Pigtails && $this->switchesNeutral($situation) === null) {
            return [Reason::open(
                'It is said to break the neutral, and to be spliced to pigtails in the panel: there the branch neutrals stay, on the '
                    .'neutral of the house, so nothing breaks it. Look at the instructions of the switch, and choose one of the two.',
                $source, 'which: pigtails, or a broken neutral',
            )];
        }

        return [match ($kind) {
            null => Reason::open(
                'Choose the kind of switch: with pigtails that are spliced in the panel the branch neutrals stay there; where whole cables '
                    .'are moved over, each takes its neutral along.',
                $source, 'choose its kind',
            ),
            SwitchKind::Pigtails => Reason::note(
                'Only the hots go to the switch, over its pigtails; branch neutrals stay in the panel, as its listing says. Where a '
                    .'breaker with AFCI or GFCI sits in the switch, the neutral of that circuit goes to it.',
                $source,
            ),
            SwitchKind::Cables => Reason::note(
                'Every circuit that is moved takes its own neutral and its ground along, in one cable or raceway.', $source,
            ),
        }];
    }

    /** @return list<Reason> */
    private function splices(Job $job): array
    {
        return [$job->authority->rules->splicesInPanel
            ? Reason::note('Moved circuits may be spliced in the panel, as far as its wiring space allows.', Source::nec('312.8'))
            : Reason::change(
                'Splices in the panel are not allowed here: bring longer cable to the switch, or set a junction box beside the panel.',
                Source::nec('312.8, local amendment'), 'no splices: a junction box',
            )];
    }

    /**
     * @param  list<Circuit>  $moved
     * @return list<Reason>
     */
    private function protection(array $moved): array
    {
        $protected = array_filter($moved, fn (Circuit $c): bool => $c->protection->hasAfci() || $c->protection->hasGfci());
        if ($protected === []) {
            return [];
        }
        $names = Say::list(array_values(array_map(fn (Circuit $c): string => $c->title().' ('.$c->protection->mark().')', $protected)));

        return [
            Reason::note(
                "On the generator the panel's own breaker of $names is out of the circuit, and its protection with it: the switch takes a "
                    .'breaker of the same kind for it, or the protection sits downstream, so that it stands in both positions.',
                Source::nec('210.12, 210.8'),
            ),
        ];
    }

    /**
     * @param  list<Circuit>  $moved
     * @return list<Reason>
     */
    private function multiwire(Situation $situation, array $moved): array
    {
        $source = Source::nec('210.4, 300.13(B)');
        $on240 = $situation->supply === null || $situation->supply->feedsBothLegs();
        $multiwire = new Multiwire($situation->job->service->panels);
        $reasons = [];
        foreach ($multiwire->pairs() as [$one, $other]) {
            $on = array_filter([$one, $other], fn (Circuit $c): bool => in_array($c->id, array_column($moved, 'id'), true));
            if (count($on) === 1) {
                $reasons[] = Reason::stops(
                    "{$one->title()} and {$other->title()} share a neutral: both go on the switch, on opposite legs and under one handle, "
                        .'or neither does. With one half on the generator and one on the utility that neutral carries two sources.',
                    $source,
                );
            } elseif (count($on) === 2 && $on240) {
                $reasons[] = Reason::note(
                    "{$one->title()} and {$other->title()} share a neutral: they have two places side by side, on opposite legs, under "
                        .'one handle.',
                    $source,
                );
            }
        }
        if ($on240) {
            return [...$reasons, ...$this->unlooked($moved, $multiwire)];
        }

        return [...$reasons, ...match ($this->joinsSharedNeutrals($situation)) {
            true => [Reason::stops(
                'With a 120 V machine no two halves of a multiwire circuit may be moved: the shared neutral would carry the sum of both.',
                $source,
            )],
            null => [Reason::open(
                'With a 120 V machine no two halves of a multiwire circuit may be moved: the shared neutral would carry both. Look '
                    .'which circuits share a neutral.',
                $source,
            )],
            false => [],
        }];
    }

    /**
     * @param  list<Circuit>  $moved
     * @return list<Reason>
     */
    private function unlooked(array $moved, Multiwire $multiwire): array
    {
        $open = array_filter($moved, fn (Circuit $c): bool => $multiwire->isShared($c) === null);

        return $open === [] ? [] : [Reason::note(
            'Before a circuit is moved, look whether it shares its neutral with another: both halves go on the switch, on opposite legs '
                .'and under one handle, or neither does.',
            Source::nec('210.4, 300.13(B)'),
        )];
    }
}
