<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Codebook\ManualSwitches;
use Underpin\Codebook\Source;
use Underpin\Job\Circuit;
use Underpin\Job\Job;
use Underpin\Job\Panel;
use Underpin\Loads\Plan;
use Underpin\Say;
use Underpin\Sizing\Supply;

/**
 * A box beside the panel with a switch for each of 4 to 12 chosen circuits.
 * NEC 2023 702.5, 312.8 (splices), 210.12(D) (arc-fault kept), 200.4(A) (a neutral for each circuit).
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
        $feeds = fn (Circuit $c): bool => $c->breakerAmps <= ManualSwitches::MOST_BREAKER_A
            && ($situation->supply === null || $situation->supply->canFeed($c->leg()));
        $moved = array_values(array_filter($plan->must, $feeds));
        $dead = array_values(array_filter($plan->must, fn (Circuit $c): bool => ! $feeds($c)));
        $positions = array_sum(array_map(fn (Circuit $c): int => $c->position->poles, $moved));
        $size = ManualSwitches::with($positions);

        return new WayVerdict(
            $this,
            [
                ...$this->choice($plan, $positions, $size),
                ...$this->tooLarge($dead),
                ...$this->splices($situation->job),
                ...$this->protection($moved),
                ...$this->multiwire($situation),
                Reason::note('Every circuit that is moved takes its own neutral along.', Source::nec('200.4, 300.3(B)')),
            ],
            $moved,
            $dead,
            $size,
        );
    }

    public function switchesNeutral(): bool
    {
        return false;
    }

    public function joinsNeutrals(): bool
    {
        return true;
    }

    public function transfersByItself(): bool
    {
        return false;
    }

    public function joinsLegs(): bool
    {
        return true;
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
        $switch = new Component('switch', ComponentKind::Switch, 'Manual transfer switch');

        return (new GeneratorFeed($situation, $supply))->assembly(
            'Switch\'s incoming breaker', '', Source::nec('240.4'), null, [], [$switch],
        );
    }

    public function atNight(): string
    {
        return 'Start the engine, then throw one switch after the other on the box. No guessing, but the choice is fixed.';
    }

    public function throws(): string
    {
        return 'Switch';
    }

    public function caution(): string
    {
        return 'Never two sources at once. Never force the switch, never take it off.';
    }

    public function toGenerator(Situation $situation, ?Assembly $assembly): array
    {
        $engine = new EngineSteps($situation, $assembly);

        return [
            new OwnerStep('At the transfer switch, leave every switch on LINE.', 'So that nothing loads a cold engine.'),
            ...$engine->start('the inlet'),
            ...($engine->reachesTheHouse()
                ? [new OwnerStep('Check that the meter or lamp on the transfer switch shows generator power. Then go down the list.')]
                : []),
        ];
    }

    public function back(Situation $situation, ?Assembly $assembly): array
    {
        return [
            new OwnerStep('Throw each switch from GEN through OFF to LINE, one at a time, from the bottom of the list up.'),
            ...(new EngineSteps($situation, $assembly))->stop(),
        ];
    }

    /** @return list<Reason> */
    private function choice(Plan $plan, int $positions, ?int $size): array
    {
        $source = Source::nec('702.5');
        if ($plan->must === []) {
            return [Reason::open('Mark the circuits that must run: each takes a place on the switch.', $source)];
        }
        if ($size === null) {
            return [
                Reason::stops(
                    'The circuits that must run take '.Say::count($positions, 'place').'; such switches end at '
                        .max(ManualSwitches::PLACES).'. Leave some off, or use an interlock or a sub-panel.',
                    $source,
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
            Reason::stops("$names cannot go on it: its breakers end at ".ManualSwitches::MOST_BREAKER_A.' A.', Source::nec('110.3(B)')),
        ];
    }

    /** @return list<Reason> */
    private function splices(Job $job): array
    {
        return [$job->authority->rules->splicesInPanel
            ? Reason::note('Moved circuits may be spliced in the panel, as far as its wiring space allows.', Source::nec('312.8'))
            : Reason::note(
                'Splices in the panel are not allowed here: bring longer cable to the switch, or set a junction box beside the panel.',
                Source::nec('312.8, local amendment'),
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
                "Keep the protection of $names: the panel's breaker stays ahead of the switch, "
                    .'or the switch takes a breaker of the same kind.',
                Source::nec('210.12, 210.8'),
            ),
        ];
    }

    /** @return list<Reason> */
    private function multiwire(Situation $situation): array
    {
        if ($situation->supply === null || $situation->supply->feedsBothLegs() || $situation->job->panel()?->hasMultiwire === false) {
            return [];
        }

        return [
            Reason::open(
                'With a 120 V machine no two halves of a multiwire circuit may be moved: the shared neutral would carry both. Look '
                    .'which circuits share a neutral.',
                Source::nec('210.4'),
            ),
        ];
    }
}
