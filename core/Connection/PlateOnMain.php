<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\Deed;
use Underpin\Assembly\Line;
use Underpin\Assembly\Part;
use Underpin\Assembly\PartKind;
use Underpin\Assembly\Task;
use Underpin\Codebook\BackfedBreakers;
use Underpin\Codebook\Source;
use Underpin\Connection\Source\SourceSteps;
use Underpin\Job\Circuit;
use Underpin\Job\Panel;
use Underpin\Say;
use Underpin\Service\Multiwire;
use Underpin\Service\SharedNeutral;
use Underpin\Sizing\Supply;

/**
 * A plate that lets a panel's main or the generator breaker be on, never both.
 * NEC 2023 702.5 (no interconnection), 408.36(D) (held-down back-fed breaker), 110.3(B).
 */
trait PlateOnMain
{
    use FeedsPanels;

    /** The panel with the plate; null: there is none for it. */
    abstract protected function panelOf(Situation $situation): ?Panel;

    /** Why there is none. */
    abstract protected function noPanel(Situation $situation): Reason;

    /** The cord is attached at the house for good. */
    protected function cordStays(): bool
    {
        return false;
    }

    /** @return list<Reason> what only this one asks */
    protected function more(Panel $panel, Situation $situation): array
    {
        return [];
    }

    public function verdict(Situation $situation): WayVerdict
    {
        $panel = $this->panelOf($situation);
        $reasons = $panel === null
            ? [$this->noPanel($situation)]
            : [
                ...$this->mainBreaker($panel), ...$this->listing($panel),
                ...$this->room($panel, $situation),
                ...$this->bus($panel, $situation), ...$this->multiwire($situation), ...$this->otherPanels($panel, $situation),
                ...$this->more($panel, $situation),
            ];
        $reach = Reach::of($situation, $this->fedPanels($situation));

        return new WayVerdict($this, $reasons, $reach->powers, $reach->dead);
    }

    public function fedPanels(Situation $situation): array
    {
        $panel = $this->panelOf($situation);
        $ids = $panel === null ? [] : $situation->distribution->behind($panel->id);

        return array_values(array_filter(
            $situation->job->service->panels, fn (Panel $other): bool => in_array($other->id, $ids, true),
        ));
    }

    public function inTheWay(Situation $situation): array
    {
        return $this->panelOf($situation)?->inTheWayOfInterlock() ?? [];
    }

    public function platedPanel(Situation $situation): ?Panel
    {
        return $this->panelOf($situation);
    }

    public function assemble(Situation $situation, Supply $supply): Assembly
    {
        $panel = $this->panelOf($situation);

        $feed = new GeneratorFeed($situation, $supply, cordStays: $this->cordStays());
        $rule = Source::nec('240.4, 408.36(D)');
        $held = '; held down, since it is back-fed';
        $onOneHot = 'two-pole, both poles fed from the one hot wire: the plate locks a two-pole, and a one-pole would leave half of the '
            .'panel '
            .'dead';
        if ($panel === null) {
            return $feed->assembly(FirstBreaker::inSwitch('Generator breaker', $rule, $held, $onOneHot), [
                new Component('switch', ComponentKind::Panel, 'The panel: not surveyed yet'),
            ]);
        }
        $house = new HousePanel($situation, $panel);

        return $feed->assembly(FirstBreaker::inPanel(
            'Generator breaker', $panel->id, $panel->interlockSpaces(), $rule, $held, $onOneHot,
        ), [...$house->parts(), $this->plate($panel), ...$house->bond(), ...$house->feed(), ...$this->moved($situation, $panel)]);
    }

    /** @return list<Deed> what makes room for the generator breaker */
    private function moved(Situation $situation, Panel $panel): array
    {
        $moves = $panel->inTheWayOfInterlock() === [] ? null : $situation->moves($panel);
        $tandems = $moves === null ? 0 : count($moves->plan->tandems());

        return [
            ...$moves === null || $moves->moves() === 0 ? [] : [new Deed('moved', Task::BreakerMoved, $moves->moves(), $panel->name)],
            ...$tandems === 0 ? [] : [new Deed(
                'tandems', Task::Tandem, $tandems, $panel->name, new Part(PartKind::Breaker, 'Tandem breaker, as the panel takes'),
            )],
        ];
    }

    private function plate(Panel $panel): Component
    {
        return new Component('interlock', ComponentKind::Interlock, 'Interlock plate', panel: $panel->id, lines: [new Line(
            'Interlock', "the one that is listed for $panel->name",
            'It lets the main or the generator breaker be on, never both; it is tried in both orders, with the cover on.',
            Source::nec('702.5(A), 110.3(B)'),
        )], inside: HousePanel::id($panel->id), task: Task::Interlock);
    }

    public function means(): MeansOfTransfer
    {
        return MeansOfTransfer::Interlock;
    }

    public function transfers(Situation $situation): array
    {
        $panel = $this->panelOf($situation);

        return $panel === null ? [] : [new TransferPoint(TransferKind::Plate, 'Interlock', $panel->mainAmps, $panel)];
    }

    public function meter(Situation $situation): MeterWork
    {
        return MeterWork::Stays;
    }

    public function failsBy(): string
    {
        return 'a tired person\'s order; everything at once on a cold engine';
    }

    public function atNight(): string
    {
        return 'Turn the breakers off, slide the plate, and bring the circuits on one by one from the card. Any circuit can '
            .'be chosen; it needs discipline.';
    }

    public function caution(): string
    {
        return 'Never two sources at once. Never force the interlock, never take it off.';
    }

    public function toGenerator(Situation $situation, ?Assembly $assembly): array
    {
        $engine = SourceSteps::of($situation, $assembly, $this->cordStays() ? '' : 'the inlet');
        $panel = $this->panelOf($situation);
        $name = $panel->name ?? 'the panel';
        $main = $panel?->mainAmps === null ? 'the main breaker' : "the $panel->mainAmps A main breaker";
        $spaces = $panel === null ? 'the generator breaker' : 'the generator breaker (spaces '.implode('–', $panel->interlockSpaces()).')';

        return [
            new OwnerStep(
                "At $name: turn off $main and every other breaker. Which you turn off first does not matter.",
                'The house must be cut off from the utility before anything else.',
            ),
            ...$this->branchesOff($situation, $panel),
            new OwnerStep(
                'Slide the interlock plate so that it covers the main breaker and frees the generator breaker.',
                'Now the two cannot be on together.',
            ),
            ...$engine->start(),
            ...($engine->reachesTheHouse() ? [new OwnerStep("Turn on $spaces. Only this one.")] : []),
            new OwnerStep('Now go down the list: one breaker at a time, and wait as long as it says.', 'All at once stalls the engine.'),
        ];
    }

    /**
     * A sub-panel would come on all at once with its feeder.
     *
     * @return list<OwnerStep> one for every panel behind the one that is fed
     */
    private function branchesOff(Situation $situation, ?Panel $panel): array
    {
        $behind = array_values(array_filter($this->fedPanels($situation), fn (Panel $other): bool => $other !== $panel));

        return array_map(fn (Panel $other): OwnerStep => new OwnerStep(
            "At $other->name: turn off every breaker too.", 'Its feeder would bring all of it on at once.',
        ), $behind);
    }

    public function back(Situation $situation, ?Assembly $assembly): array
    {
        $engine = SourceSteps::of($situation, $assembly, $this->cordStays() ? '' : 'the inlet');

        return [
            new OwnerStep('Turn off every circuit breaker, from the bottom of the list up.'),
            new OwnerStep($engine->offAtPanel()),
            new OwnerStep('Slide the interlock plate back so that it frees the main breaker.'),
            new OwnerStep('Turn on the main breaker. Then the other breakers, one at a time, a few seconds apart.'),
            ...$engine->stop(),
        ];
    }

    /** @return list<Reason> */
    private function mainBreaker(Panel $panel): array
    {
        $source = Source::nec('702.5');

        return [match ($panel->hasMain()) {
            true => Reason::note(
                "The $panel->mainAmps A main is in this panel: the plate locks it against the generator breaker.", $source,
            ),
            false => Reason::stops(
                "$panel->name has main lugs only: no main breaker of its own for the plate to lock against.", $source,
                'no main to lock against',
            ),
            null => Reason::open(
                "Whether $panel->name has a main breaker is not known. Without one there is nothing for the plate to lock against: look, "
                    .'and say it in the survey.',
                $source, 'look for its main',
            ),
        }];
    }

    /**
     * The generator breaker against the bus that it feeds, and against what two spaces hold. Sources that an
     * interlock keeps apart are not added up.
     *
     * @return list<Reason>
     */
    private function bus(Panel $panel, Situation $situation): array
    {
        $outlet = $situation->supply?->machine->outletAmps;
        if ($outlet === null) {
            return [];
        }
        $amps = min($outlet, $situation->job->wire->inletAmps ?? $outlet);
        $onBus = match (true) {
            $panel->busAmps !== null && $amps > $panel->busAmps => Reason::stops(
                "A generator breaker of $amps A is more than the bus of $panel->name carries ($panel->busAmps A).", Source::nec('408.36'),
            ),
            $panel->busAmps !== null => Reason::note(
                "The bus of $panel->name carries $panel->busAmps A, and a generator breaker of $amps A is within that.",
                Source::nec('408.36'),
            ),
            $panel->mainAmps !== null && $amps <= $panel->mainAmps => Reason::note(
                "The rating of the bus is not noted; a generator breaker of $amps A is no larger than the main that protects it now.",
                Source::nec('408.36'),
            ),
            default => Reason::open(
                "Read the rating of the bus on the label of $panel->name: a generator breaker of $amps A must not be above it.",
                Source::nec('408.36'),
            ),
        };

        return [$onBus, ...$amps <= BackfedBreakers::TWO_SPACES_A ? [] : [Reason::open(
            sprintf(
                'A back-fed breaker of %d A hardly fits the two spaces beside the main: frames of that kind end near %d A. Look at the '
                    .'label of %s for what it takes, and whether the interlock locks that.',
                $amps, BackfedBreakers::TWO_SPACES_A, $panel->name,
            ),
            Source::nec('110.3(B), 408.36(D)'),
        )]];
    }

    /** @return list<Reason> */
    private function listing(Panel $panel): array
    {
        return [match ($panel->interlockListed) {
            true => Reason::note('An interlock listed for this panel is to be had.', Source::nec('110.3(B)')),
            false => Reason::stops(
                'No interlock is listed for this panel; one made for another panel may not lock.', Source::nec('110.3(B)'),
                'none is listed for this panel',
            ),
            null => Reason::open(
                'Look up whether an interlock is listed for this very panel, and say so in the survey.', Source::nec('110.3(B)'),
                'look up the listing',
            ),
        }];
    }

    /** @return list<Reason> */
    private function room(Panel $panel, Situation $situation): array
    {
        $multiwire = new Multiwire($situation->job->service->panels);
        [$upper, $lower] = $panel->interlockSpaces();
        $held = "The generator breaker goes in spaces $upper and $lower beside the main, and must be held down: it is back-fed.";
        $inTheWay = $panel->inTheWayOfInterlock();
        if ($inTheWay === []) {
            return [Reason::note("$held Both spaces are free.", Source::nec('408.36(D)'))];
        }
        $moves = $situation->moves($panel);
        $moved = $moves->plan->isPossible() ? $moves->moved() : $inTheWay;
        // Where spaces are short, other breakers move too: whoever they are.
        $shared = $this->beforeMoving($moved, $multiwire) ?: (
            $moves->plan->isPossible() ? '' : SharedNeutral::beforeMoving($panel->hasMultiwire)
        );
        $source = Source::nec($shared === '' ? '408.36(D)' : '408.36(D), 210.4, 300.13(B)');
        $names = Say::list(array_map(fn (Circuit $c): string => $c->title(), $inTheWay));
        if (! $moves->plan->isPossible()) {
            $text = trim("$held $names must move first. {$moves->plan->reason} $shared");

            return [$panel->tandemSpaces === null ? Reason::open($text, $source, 'no room: look where tandems are accepted')
                : Reason::stops($text, $source, 'no room beside the main')];
        }
        $unlooked = array_filter($moved, fn (Circuit $c): bool => $multiwire->isShared($c) === null);
        $count = Say::count($moves->moves(), 'breaker moves', 'breakers move');
        $text = trim("$held $names must move first; the fewest moves: ".implode('; ', $moves->words()).". $shared");

        return [$unlooked !== [] && $panel->hasMultiwire === null
            ? Reason::open($text, $source, 'look for shared neutrals first')
            : Reason::change($text, $source, $count)];
    }

    /**
     * What is said of shared neutrals before these move, each pair once.
     *
     * @param  list<Circuit>  $circuits
     */
    private function beforeMoving(array $circuits, Multiwire $multiwire): string
    {
        $said = $spoken = [];
        foreach ($circuits as $circuit) {
            if (! in_array($circuit->id, $spoken, true)) {
                $said[] = SharedNeutral::beforeMovingIt($circuit, $multiwire);
                $spoken[] = $multiwire->partnerOf($circuit)->id ?? '';
            }
        }

        return SharedNeutral::once(implode(' ', array_unique(array_filter($said))));
    }

    /** @return list<Reason> */
    private function otherPanels(Panel $panel, Situation $situation): array
    {
        $behind = $situation->distribution->behind($panel->id);
        $others = array_values(array_filter($situation->job->service->panels, fn (Panel $p): bool => ! in_array($p->id, $behind, true)));

        return $others === [] ? [] : [Reason::note(
            'It feeds '.$panel->name.' and what hangs behind it; '.Say::list(
                array_map(fn (Panel $p): string => $p->name, $others)
            ).' '.(count($others) === 1 ? 'stays' : 'stay').' dead.',
            Source::practice('what a panel feeds'),
        )];
    }

    /** @return list<Reason> */
    private function multiwire(Situation $situation): array
    {
        if ($situation->supply === null || $situation->supply->feedsBothLegs()) {
            return [];
        }
        $source = Source::nec('210.4, 702.4');
        $notLooked = Say::list((new Multiwire($this->fedPanels($situation)))->notLooked());

        return [match ($this->joinsSharedNeutrals($situation)) {
            true => Reason::stops(
                'A 120 V machine on both legs puts the sum of both on the shared neutral of every multiwire circuit: it can burn. Use a '
                    .'120/240 V machine, or do not feed both legs.',
                $source,
            ),
            false => Reason::note('A 120 V machine feeds both legs from one hot wire: every 240 V load stays dead.', $source),
            null => Reason::open(
                "A 120 V machine overloads the shared neutral of a multiwire circuit. Look whether there are any in $notLooked.", $source,
            ),
        }];
    }
}
