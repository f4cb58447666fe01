<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Job\Part\PanelPart;
use Underpin\Refused;

/** A panelboard as it hangs on the wall. */
final readonly class Panel
{
    /** The largest bus of a panelboard of a home or small business, amperes. */
    public const MOST_BUS_A = 1200;

    /** The sizes that panels are commonly made in, in spaces. */
    public const COMMON_SPACES = [8, 12, 16, 20, 24, 30, 32, 40, 42, 54, 60, 66, 84];

    /**
     * @param  int  $spaces  even, 2 to 84
     * @param  ?int  $mainAmps  rating of its main breaker; null: it has none, or it was not looked at: `$mainLugs` says which
     * @param  ?bool  $interlockListed  an interlock listed for this panel is to be had; null: not looked up
     * @param  int  $interlockSpace  upper of the two spaces beside the main that an interlock needs: 1 or 2
     * @param  ?bool  $hasMultiwire  has multiwire branch circuits; null: not looked
     * @param  list<Circuit>  $circuits
     * @param  string  $fedFrom  id of the panel or disconnect that feeds it; empty: the service itself
     * @param  ?int  $feederAmps  the breaker of its feeder, in amperes; null: none, or not known
     * @param  string  $feederCircuit  id of the breaker in that panel, when it is one of its circuits
     * @param  ?bool  $bonded  neutral and ground are bonded in it; null: not looked
     * @param  ?FeederGround  $feederGround  what is the ground of its feeder; null: not looked
     * @param  ?bool  $otherBuilding  it stands in another building than what feeds it; null: not looked
     * @param  ?bool  $mainLugs  it has main lugs only, no main breaker; null: not looked
     * @param  ?int  $busAmps  rating of its bus; null: not looked
     * @param  ?SpaceList  $tandemSpaces  where its label accepts tandem or quad breakers; null: not looked
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $spaces,
        public PanelKind $kind = PanelKind::Main,
        public ?int $mainAmps = null,
        public ?bool $interlockListed = null,
        public int $interlockSpace = 1,
        public ?bool $hasMultiwire = null,
        public array $circuits = [],
        public string $fedFrom = '',
        public ?int $feederAmps = null,
        public ?bool $bonded = null,
        public ?SpaceList $tandemSpaces = null,
        public string $feederCircuit = '',
        public ?FeederGround $feederGround = null,
        public ?bool $otherBuilding = null,
        public ?bool $mainLugs = null,
        public ?int $busAmps = null,
    ) {
        PanelPart::form()->guard(
            [
                'spaces' => $spaces, 'main_a' => $mainAmps, 'feeder_a' => $feederAmps, 'interlock_space' => $interlockSpace,
                'bus_a' => $busAmps,
            ]
        );
        if ($mainLugs === true && $mainAmps !== null) {
            throw new Refused('main_lugs', "Main lugs only: $name has a main breaker of $mainAmps A; leave one of the two open.");
        }
        if ($spaces % 2 === 1) {
            throw new Refused(
                'spaces', sprintf('Spaces must be an even number from 2 to %d; %d was given.', Position::HIGHEST_SPACE, $spaces),
            );
        }
    }

    /** What switches it off in its own box, as a drawing says it. */
    public function mainWords(): string
    {
        return match ($this->hasMain()) {
            true => "main breaker $this->mainAmps A",
            false => 'main lugs only',
            null => 'main breaker not looked at',
        };
    }

    /** It has a main breaker; null: nobody has looked. */
    public function hasMain(): ?bool
    {
        return $this->mainAmps !== null ? true : ($this->mainLugs === true ? false : null);
    }

    public function with(mixed ...$changes): self
    {
        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return new self(...[...get_object_vars($this), ...$changes]);
    }

    /** The same panel, its circuits naming it where it is one of several. */
    public function among(int $panels): self
    {
        $name = $panels > 1 ? $this->name : '';
        foreach ($this->circuits as $circuit) {
            if ($circuit->inPanel !== $name) {
                return $this->with(circuits: array_map(fn (Circuit $c): Circuit => $c->with(inPanel: $name), $this->circuits));
            }
        }

        return $this;
    }

    /** The same panel with its circuits as the clamp meter found them. */
    public function asMeasured(): self
    {
        return $this->with(circuits: array_map(fn (Circuit $c): Circuit => $c->asMeasured(), $this->circuits));
    }

    /**
     * Everything about the circuits' places that cannot be: off the end, or a space used twice.
     *
     * @return list<PositionFault>
     */
    public function positionFaults(): array
    {
        $faults = [];
        $taken = [];
        foreach ($this->circuits as $i => $circuit) {
            $lowest = max($circuit->position->spaces());
            if ($lowest > $this->spaces) {
                $faults[] = new PositionFault($i, 'space', sprintf(
                    'space %s runs off the end: %s has %d spaces.', $circuit->label(), $this->name, $this->spaces,
                ));
            }
            $there = null;
            foreach ($circuit->position->halves() as $half) {
                $there ??= $taken[$half] ?? null;
                $taken[$half] ??= $circuit;
            }
            if ($there !== null) {
                $faults[] = new PositionFault(
                    $i, 'space', sprintf('space %s is used twice: %s is there already.', $circuit->label(), $there->title()),
                );
            }
        }

        return $faults;
    }

    public function circuit(string $id): ?Circuit
    {
        foreach ($this->circuits as $circuit) {
            if ($circuit->id === $id) {
                return $circuit;
            }
        }

        return null;
    }

    /** The same panel with another circuit in the place of the one of its id. */
    public function withCircuit(Circuit $circuit): self
    {
        return $this->with(circuits: array_map(fn (Circuit $c): Circuit => $c->id === $circuit->id ? $circuit : $c, $this->circuits));
    }

    /** @return list<int> spaces with nothing in them */
    public function freeSpaces(): array
    {
        $used = array_merge([], ...array_map(fn (Circuit $c): array => $c->position->spaces(), $this->circuits));

        return array_values(array_diff(range(1, $this->spaces), $used));
    }

    /**
     * Where a breaker of this panel could move to: every place that is free, or would be once it
     * has left its own.
     *
     * @return list<Position> by space, without the one it has
     */
    public function placesFor(Circuit $circuit): array
    {
        $others = array_filter($this->circuits, fn (Circuit $c): bool => $c->id !== $circuit->id);
        $places = [];
        for ($space = 1; $space + 2 * ($circuit->position->poles - 1) <= $this->spaces; $space++) {
            $place = new Position($space, $circuit->position->poles, $circuit->position->half);
            $taken = array_filter($others, fn (Circuit $c): bool => $c->position->clashesWith($place));
            if ($taken === [] && $space !== $circuit->position->space && $this->accepts($place)) {
                $places[] = $place;
            }
        }

        return $places;
    }

    /** Its label lets a breaker of this kind sit there, as far as is known. */
    public function accepts(Position $position): bool
    {
        return $position->half === null || $this->tandemSpaces === null
            || array_diff($position->spaces(), $this->tandemSpaces->spaces) === [];
    }

    /** @return array{int, int} the two spaces that the generator breaker takes beside the main */
    public function interlockSpaces(): array
    {
        return [$this->interlockSpace, $this->interlockSpace + 2];
    }

    /** @return list<Circuit> those that sit where the generator breaker must go */
    public function inTheWayOfInterlock(): array
    {
        return array_values(array_filter(
            $this->circuits,
            fn (Circuit $c): bool => array_intersect($c->position->spaces(), $this->interlockSpaces()) !== [],
        ));
    }
}
