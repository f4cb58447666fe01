<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Codebook\BackfedBreakers;
use Underpin\Codebook\Source;
use Underpin\Job\Circuit;
use Underpin\Job\Panel;
use Underpin\Say;
use Underpin\Service\Multiwire;
use Underpin\Service\SharedNeutral;

/**
 * What speaks for a plate on the main of a panel, against it, and what has to be looked at first.
 * NEC 2023 702.5, 408.36 (the bus, and a back-fed breaker that is held down), 110.3(B), 210.4.
 */
final readonly class PlateReasons
{
    /**
     * @param  list<Panel>  $fed  on the generator: this panel, and those behind it
     * @param  ?bool  $joinsNeutrals  the two hots of a shared neutral would be on one; null: not looked
     */
    public function __construct(private Panel $panel, private Situation $situation, private array $fed, private ?bool $joinsNeutrals)
    {
    }

    /** @return list<Reason> */
    public function all(): array
    {
        return [
            ...$this->mainBreaker(), ...$this->listing(), ...$this->room(), ...$this->bus(), ...$this->multiwire(),
            ...$this->otherPanels(),
        ];
    }

    /** @return list<Reason> */
    private function mainBreaker(): array
    {
        $source = Source::nec('702.5');

        return [match ($this->panel->hasMain()) {
            true => Reason::note(
                "The {$this->panel->mainAmps} A main is in this panel: the plate locks it against the generator breaker.", $source,
            ),
            false => Reason::stops(
                "{$this->panel->name} has main lugs only: no main breaker of its own for the plate to lock against.", $source,
                'no main to lock against',
            ),
            null => Reason::open(
                "Whether {$this->panel->name} has a main breaker is not known. Without one there is nothing for the plate to lock "
                    .'against: look, and say it in the survey.',
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
    private function bus(): array
    {
        $outlet = $this->situation->supply?->machine->outletAmps;
        if ($outlet === null) {
            return [];
        }
        $amps = min($outlet, $this->situation->job->wire->inletAmps ?? $outlet);
        $onBus = match (true) {
            $this->panel->busAmps !== null && $amps > $this->panel->busAmps => Reason::stops(
                "A generator breaker of $amps A is more than the bus of {$this->panel->name} carries ({$this->panel->busAmps} A).",
                Source::nec('408.36'),
            ),
            $this->panel->busAmps !== null => Reason::note(
                "The bus of {$this->panel->name} carries {$this->panel->busAmps} A, and a generator breaker of $amps A is within that.",
                Source::nec('408.36'),
            ),
            $this->panel->mainAmps !== null && $amps <= $this->panel->mainAmps => Reason::note(
                "The rating of the bus is not noted; a generator breaker of $amps A is no larger than the main that protects it now.",
                Source::nec('408.36'),
            ),
            default => Reason::open(
                "Read the rating of the bus on the label of {$this->panel->name}: a generator breaker of $amps A must not be above it.",
                Source::nec('408.36'),
            ),
        };

        return [$onBus, ...$amps <= BackfedBreakers::TWO_SPACES_A ? [] : [Reason::open(
            sprintf(
                'A back-fed breaker of %d A hardly fits the two spaces beside the main: frames of that kind end near %d A. Look at the '
                    .'label of %s for what it takes, and whether the interlock locks that.',
                $amps, BackfedBreakers::TWO_SPACES_A, $this->panel->name,
            ),
            Source::nec('110.3(B), 408.36(D)'),
        )]];
    }

    /** @return list<Reason> */
    private function listing(): array
    {
        return [match ($this->panel->interlockListed) {
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
    private function room(): array
    {
        $multiwire = new Multiwire($this->situation->job->service->panels);
        [$upper, $lower] = $this->panel->interlockSpaces();
        $held = "The generator breaker goes in spaces $upper and $lower beside the main, and must be held down: it is back-fed.";
        $inTheWay = $this->panel->inTheWayOfInterlock();
        if ($inTheWay === []) {
            return [Reason::note("$held Both spaces are free.", Source::nec('408.36(D)'))];
        }
        $moves = $this->situation->moves($this->panel);
        $moved = $moves->plan->isPossible() ? $moves->moved() : $inTheWay;
        // Where spaces are short, other breakers move too: whoever they are.
        $shared = $this->beforeMoving($moved, $multiwire) ?: (
            $moves->plan->isPossible() ? '' : SharedNeutral::beforeMoving($this->panel->hasMultiwire)
        );
        $source = Source::nec($shared === '' ? '408.36(D)' : '408.36(D), 210.4, 300.13(B)');
        $names = Say::list(array_map(fn (Circuit $c): string => $c->title(), $inTheWay));
        if (! $moves->plan->isPossible()) {
            $text = trim("$held $names must move first. {$moves->plan->reason} $shared");

            return [$this->panel->tandemSpaces === null ? Reason::open($text, $source, 'no room: look where tandems are accepted')
                : Reason::stops($text, $source, 'no room beside the main')];
        }
        $unlooked = array_filter($moved, fn (Circuit $c): bool => $multiwire->isShared($c) === null);
        $count = Say::count($moves->moves(), 'breaker moves', 'breakers move');
        $text = trim("$held $names must move first; the fewest moves: ".implode('; ', $moves->words()).". $shared");

        return [$unlooked !== [] && $this->panel->hasMultiwire === null
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
    private function otherPanels(): array
    {
        $behind = $this->situation->distribution->behind($this->panel->id);
        $others = array_values(array_filter(
            $this->situation->job->service->panels, fn (Panel $p): bool => ! in_array($p->id, $behind, true),
        ));

        return $others === [] ? [] : [Reason::note(
            'It feeds '.$this->panel->name.' and what hangs behind it; '.Say::list(
                array_map(fn (Panel $p): string => $p->name, $others)
            ).' '.(count($others) === 1 ? 'stays' : 'stay').' dead.',
            Source::practice('what a panel feeds'),
        )];
    }

    /** @return list<Reason> */
    private function multiwire(): array
    {
        if ($this->situation->supply === null || $this->situation->supply->feedsBothLegs()) {
            return [];
        }
        $source = Source::nec('210.4, 702.4');
        $notLooked = Say::list((new Multiwire($this->fed))->notLooked());

        return [match ($this->joinsNeutrals) {
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
