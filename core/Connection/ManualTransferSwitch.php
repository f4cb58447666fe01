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
use Underpin\Job\Panel;
use Underpin\Job\SwitchKind;
use Underpin\Loads\Plan;
use Underpin\Service\Multiwire;
use Underpin\Sizing\Supply;

/**
 * A box beside the panel with a switch for each of 4 to 12 chosen circuits. NEC 2023 702.5.
 */
final class ManualTransferSwitch implements Way
{
    use MovesCircuits;

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
        $moved = $this->moved($situation);
        $dead = array_values(array_filter($situation->plan->must, fn (Circuit $c): bool => ! in_array($c, $moved, true)));
        $reasons = new ManualSwitchReasons($situation, $moved, $dead, $this->layout($situation), $this->switchesNeutral($situation));

        return new WayVerdict($this, $reasons->all(), $moved, $dead, self::sizeFor($moved));
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

    public function joinsSharedNeutrals(Situation $situation): ?bool
    {
        return (new Multiwire($situation->job->service->panels))->among($this->moved($situation));
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

    public function assemble(Situation $situation, Supply $supply): Assembly
    {
        $connection = $situation->job->connection;
        $moved = $this->moved($situation);
        $size = self::sizeFor($moved);
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
        $size = self::sizeFor($moved);
        $panel = $moved === [] ? $situation->job->panel() : $situation->job->panelWith($moved[0]->id);
        $title = 'Manual transfer switch'.($size === null ? '' : ", $size places");

        return [new TransferPoint(
            TransferKind::Circuits, $title, $size === null ? null : ManualSwitches::incomingAmps($size), $panel, $moved,
        )];
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

    /** @param  list<Circuit>  $moved */
    private static function sizeFor(array $moved): ?int
    {
        return ManualSwitches::with(array_sum(array_map(fn (Circuit $c): int => $c->position->poles, $moved)));
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
}
