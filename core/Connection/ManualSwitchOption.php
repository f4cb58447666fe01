<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Codebook\Source;
use Underpin\JobFile\JobFile;
use Underpin\Loads\Plan;
use Underpin\Say;
use Underpin\Service\Circuit;

/**
 * A box beside the panel with a switch for each of 4 to 12 chosen circuits.
 * NEC 2023 702.5, 312.8 (splices), 210.12(D) (arc-fault kept), 200.4(A) (a neutral for each circuit).
 */
final class ManualSwitchOption implements ConnectionOption
{
    /** Circuits that such switches are made for; a two-pole circuit takes two. */
    public const SIZES = [4, 6, 8, 10, 12];

    /** The largest breaker that such a switch takes, in amperes. */
    public const BREAKER_A = 30;

    public function judge(JobFile $job): ConnectionVerdict
    {
        $plan = Plan::of($job);
        $feeds = fn (Circuit $c): bool => $c->breakerA <= self::BREAKER_A && ($job->supply === null || $job->supply->canFeed($c->leg()));
        $moved = array_values(array_filter($plan->must, $feeds));
        $dead = array_values(array_filter($plan->must, fn (Circuit $c): bool => ! $feeds($c)));
        $positions = array_sum(array_map(fn (Circuit $c): int => $c->slot->poles, $moved));
        $size = $this->smallest($positions);

        return new ConnectionVerdict(
            ConnectionKind::ManualSwitch,
            [
                ...$this->choice($plan, $positions, $size),
                ...$this->tooLarge($dead),
                ...$this->splices($job),
                ...$this->protection($moved),
                ...$this->multiwire($job),
                Reason::note('Every circuit that is moved takes its own neutral along.', Source::nec('200.4, 300.3(B)')),
            ],
            $moved,
            $dead,
            'Start the engine, then throw one switch after the other on the box. No guessing, but the choice is fixed.',
            $size,
        );
    }

    private function smallest(int $positions): ?int
    {
        foreach (self::SIZES as $size) {
            if ($positions <= $size) {
                return $size;
            }
        }

        return null;
    }

    /** @return list<Reason> */
    private function choice(Plan $plan, int $positions, ?int $size): array
    {
        $source = Source::nec('702.5');
        if ($plan->must === []) {
            return [Reason::open('Mark the circuits that must run: each takes a place on the switch.', $source)];
        }
        if ($size === null) {
            return [Reason::stops('The circuits that must run take '.Say::count($positions, 'place').'; such switches end at '.max(self::SIZES).'. Leave some off, or use an interlock or a sub-panel.', $source)];
        }

        return [Reason::note('The circuits that must run take '.Say::count($positions, 'place').": a switch for $size.", $source)];
    }

    /**
     * @param  list<Circuit>  $dead
     * @return list<Reason>
     */
    private function tooLarge(array $dead): array
    {
        $large = array_filter($dead, fn (Circuit $c): bool => $c->breakerA > self::BREAKER_A);
        if ($large === []) {
            return [];
        }
        $names = Say::list(array_values(array_map(fn (Circuit $c): string => $c->title()." ($c->breakerA A)", $large)));

        return [Reason::stops("$names cannot go on it: its breakers end at ".self::BREAKER_A.' A.', Source::nec('110.3(B)'))];
    }

    /** @return list<Reason> */
    private function splices(JobFile $job): array
    {
        return [$job->rules->splicesInPanel
            ? Reason::note('Moved circuits may be spliced in the panel, as far as its wiring space allows.', Source::nec('312.8'))
            : Reason::note('Splices in the panel are not allowed here: bring longer cable to the switch, or set a junction box beside the panel.', Source::nec('312.8, local amendment'))];
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

        return [Reason::note("Keep the protection of $names: the panel's breaker stays ahead of the switch, or the switch takes a breaker of the same kind.", Source::nec('210.12, 210.8'))];
    }

    /** @return list<Reason> */
    private function multiwire(JobFile $job): array
    {
        if ($job->supply === null || $job->supply->feedsBothLegs() || $job->panel()?->hasMultiwire === false) {
            return [];
        }

        return [Reason::open('With a 120 V machine no two halves of a multiwire circuit may be moved: the shared neutral would carry both. Look which circuits share a neutral.', Source::nec('210.4'))];
    }
}
