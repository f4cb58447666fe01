<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Codebook\Source;
use Underpin\JobFile\JobFile;
use Underpin\Loads\Plan;
use Underpin\Say;
use Underpin\Service\Circuit;
use Underpin\Service\Panel;
use Underpin\Service\SharedNeutral;

/**
 * A plate that lets the main or the generator breaker be on, never both.
 * NEC 2023 702.5 (no interconnection), 408.36(D) (held-down back-fed breaker), 110.3(B).
 */
final class InterlockOption implements ConnectionOption
{
    public function judge(JobFile $job): ConnectionVerdict
    {
        $plan = Plan::of($job);
        $panel = $job->panel();
        $reasons = $panel === null
            ? [Reason::open('No panel has been surveyed.', Source::practice('survey'))]
            : [...$this->mainBreaker($panel), ...$this->listing($panel), ...$this->room($panel), ...$this->multiwire($panel, $job), ...$this->otherPanels($panel, $job)];
        $reached = $panel === null ? [] : $job->circuitsBehind($panel);
        $feeds = fn (Circuit $c): bool => in_array($c, $reached, true) && ($job->supply === null || $job->supply->canFeed($c->leg()));

        return new ConnectionVerdict(
            ConnectionKind::Interlock,
            $reasons,
            array_values(array_filter([...$plan->must, ...$plan->room], $feeds)),
            array_values(array_filter($plan->must, fn (Circuit $c): bool => ! $feeds($c))),
            'Turn the breakers off, slide the plate, and bring the circuits on one by one from the card. Any circuit can be chosen; it needs discipline.',
        );
    }

    /** @return list<Circuit> that sit where the generator breaker goes, on a job that has picked an interlock */
    public static function inTheWay(JobFile $job): array
    {
        return $job->connection === ConnectionKind::Interlock ? ($job->panel()?->inTheWayOfInterlock() ?? []) : [];
    }

    /** @return list<Reason> */
    private function mainBreaker(Panel $panel): array
    {
        return $panel->mainA === null
            ? [Reason::stops("$panel->name has no main breaker of its own, so there is nothing for the plate to lock against.", Source::nec('702.5'))]
            : [Reason::note("The $panel->mainA A main is in this panel: the plate locks it against the generator breaker.", Source::nec('702.5'))];
    }

    /** @return list<Reason> */
    private function listing(Panel $panel): array
    {
        return [match ($panel->interlockListed) {
            true => Reason::note('An interlock listed for this panel is to be had.', Source::nec('110.3(B)')),
            false => Reason::stops('No interlock is listed for this panel; one made for another panel may not lock.', Source::nec('110.3(B)')),
            null => Reason::open('Look up whether an interlock is listed for this very panel, and say so in the survey.', Source::nec('110.3(B)')),
        }];
    }

    /** @return list<Reason> */
    private function room(Panel $panel): array
    {
        [$upper, $lower] = $panel->interlockSpaces();
        $source = Source::nec($panel->hasMultiwire === false ? '408.36(D)' : '408.36(D), 210.4, 300.13(B)');
        $held = "The generator breaker goes in spaces $upper and $lower beside the main, and must be held down: it is back-fed.";
        $inTheWay = $panel->inTheWayOfInterlock();
        if ($inTheWay === []) {
            return [Reason::note("$held Both spaces are free.", $source)];
        }
        $singles = array_filter($inTheWay, fn (Circuit $c): bool => $c->slot->poles === 1);
        $shared = $singles === [] ? '' : SharedNeutral::beforeMoving($panel->hasMultiwire);
        $needed = array_sum(array_map(fn (Circuit $c): int => $c->slot->poles, $inTheWay));
        $spaces = array_diff($panel->freeSpaces(), $panel->interlockSpaces());
        $elsewhere = count($spaces);
        $names = Say::list(array_map(fn (Circuit $c): string => $c->title(), $inTheWay));
        $free = Say::count($elsewhere, 'space').($elsewhere === 1 ? ' is' : ' are').' free';

        $twoPoles = array_filter($inTheWay, fn (Circuit $c): bool => $c->slot->poles === 2);
        $pairs = array_filter($spaces, fn (int $space): bool => in_array($space + 2, $spaces, true));

        return [match (true) {
            $elsewhere < $needed => Reason::open(
                trim("$held $names must move first, and only $free. Look for a sub-panel, or for spaces where the label accepts tandems. ".SharedNeutral::beforeMoving($panel->hasMultiwire)),
                $source,
            ),
            $twoPoles !== [] && $pairs === [] => Reason::open(
                trim("$held $names must move first; $free elsewhere, but no two of them one below the other for a two-pole breaker. "
                    .'Other breakers must move too. '.SharedNeutral::beforeMoving($panel->hasMultiwire)),
                $source,
            ),
            $shared !== '' && $panel->hasMultiwire === null => Reason::open("$held $names must move first; $free elsewhere. $shared", $source),
            default => Reason::note(trim("$held $names must move first; $free elsewhere. $shared"), $source),
        }];
    }

    /** @return list<Reason> */
    private function otherPanels(Panel $panel, JobFile $job): array
    {
        $behind = $job->chain()->behind($panel->id);
        $others = array_values(array_filter($job->panels, fn (Panel $p): bool => ! in_array($p->id, $behind, true)));

        return $others === [] ? [] : [Reason::note(
            'It feeds '.$panel->name.' and what hangs behind it; '.Say::list(array_map(fn (Panel $p): string => $p->name, $others)).' '.(count($others) === 1 ? 'stays' : 'stay').' dead.',
            Source::nec('702.5'),
        )];
    }

    /** @return list<Reason> */
    private function multiwire(Panel $panel, JobFile $job): array
    {
        if ($job->supply === null || $job->supply->feedsBothLegs()) {
            return [];
        }
        $source = Source::nec('210.4, 702.4');

        return [match ($panel->hasMultiwire) {
            true => Reason::stops('A 120 V machine on both legs puts the sum of both on the shared neutral of every multiwire circuit: it can burn. Use a 120/240 V machine, or do not feed both legs.', $source),
            false => Reason::note('A 120 V machine feeds both legs from one hot wire: every 240 V load stays dead.', $source),
            null => Reason::open('A 120 V machine overloads the shared neutral of a multiwire circuit. Look whether this panel has any.', $source),
        }];
    }
}
