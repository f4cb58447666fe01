<?php

declare(strict_types=1);

namespace Underpin\Service;

use Underpin\Refused;

/** A panelboard as it hangs on the wall. */
final readonly class Panel
{
    /** The sizes that panels are commonly made in, in spaces. */
    public const COMMON_SPACES = [8, 12, 16, 20, 24, 30, 32, 40, 42, 54, 60, 66, 84];

    /**
     * @param  int  $spaces  even, 2 to 84
     * @param  ?int  $mainA  rating of its main breaker; null when it has none
     * @param  ?bool  $interlockListed  an interlock listed for this panel is to be had; null: not looked up
     * @param  int  $interlockSpace  upper of the two spaces beside the main that an interlock needs: 1 or 2
     * @param  ?bool  $hasMultiwire  has multiwire branch circuits; null: not looked
     * @param  list<Circuit>  $circuits
     * @param  string  $fedFrom  id of the panel or disconnect that feeds it; empty: the service itself
     * @param  ?int  $feederA  the breaker of its feeder, in amperes; null: none, or not known
     * @param  string  $feederCircuit  id of the breaker in that panel, when it is one of its circuits
     * @param  ?bool  $bonded  neutral and ground are bonded in it; null: not looked
     * @param  ?SpaceList  $tandemSpaces  where its label accepts tandem or quad breakers; null: not looked
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $spaces,
        public PanelKind $kind = PanelKind::Main,
        public ?int $mainA = null,
        public ?bool $interlockListed = null,
        public int $interlockSpace = 1,
        public ?bool $hasMultiwire = null,
        public array $circuits = [],
        public string $fedFrom = '',
        public ?int $feederA = null,
        public ?bool $bonded = null,
        public ?SpaceList $tandemSpaces = null,
        public string $feederCircuit = '',
    ) {
        if ($spaces < 2 || $spaces > Slot::HIGHEST_SPACE || $spaces % 2 === 1) {
            throw new Refused('spaces', sprintf('spaces must be an even number from 2 to %d.', Slot::HIGHEST_SPACE));
        }
        if ($mainA !== null && ($mainA < Disconnect::LEAST_A || $mainA > Disconnect::MOST_A)) {
            throw new Refused('main_a', sprintf('main_a, the main breaker, must be from %d to %s A.', Disconnect::LEAST_A, number_format(Disconnect::MOST_A)));
        }
        if ($feederA !== null && ($feederA < Disconnect::LEAST_A || $feederA > Disconnect::MOST_A)) {
            throw new Refused('feeder_a', sprintf('feeder_a, the breaker of the feeder, must be from %d to %s A.', Disconnect::LEAST_A, number_format(Disconnect::MOST_A)));
        }
        if ($interlockSpace !== 1 && $interlockSpace !== 2) {
            throw new Refused('interlock_space', 'interlock_space must be 1 or 2.');
        }
    }

    /** The same panel with its circuits as the clamp meter found them. */
    public function asMeasured(): self
    {
        return new self(
            $this->id, $this->name, $this->spaces, $this->kind, $this->mainA, $this->interlockListed, $this->interlockSpace, $this->hasMultiwire,
            array_map(fn (Circuit $c): Circuit => $c->asMeasured(), $this->circuits), $this->fedFrom, $this->feederA, $this->bonded, $this->tandemSpaces, $this->feederCircuit,
        );
    }

    /**
     * Everything about the circuits' places that cannot be: off the end, or a space used twice.
     *
     * @return list<SlotFault>
     */
    public function slotFaults(): array
    {
        $faults = [];
        $taken = [];
        foreach ($this->circuits as $i => $circuit) {
            $lowest = max($circuit->slot->spaces());
            if ($lowest > $this->spaces) {
                $faults[] = new SlotFault($i, 'space', sprintf(
                    'space %s runs off the end: %s has %d spaces.', $circuit->label(), $this->name, $this->spaces,
                ));
            }
            $there = null;
            foreach ($circuit->slot->halves() as $half) {
                $there ??= $taken[$half] ?? null;
                $taken[$half] ??= $circuit;
            }
            if ($there !== null) {
                $faults[] = new SlotFault($i, 'space', sprintf('space %s is used twice: %s is there already.', $circuit->label(), $there->title()));
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

    /** @return list<int> spaces with nothing in them */
    public function freeSpaces(): array
    {
        $used = array_merge([], ...array_map(fn (Circuit $c): array => $c->slot->spaces(), $this->circuits));

        return array_values(array_diff(range(1, $this->spaces), $used));
    }

    /**
     * Where a breaker of this panel could move to: every place that is free, or would be once it
     * has left its own.
     *
     * @return list<Slot> by space, without the one it has
     */
    public function placesFor(Circuit $circuit): array
    {
        $others = array_filter($this->circuits, fn (Circuit $c): bool => $c->id !== $circuit->id);
        $places = [];
        for ($space = 1; $space + 2 * ($circuit->slot->poles - 1) <= $this->spaces; $space++) {
            $place = new Slot($space, $circuit->slot->poles, $circuit->slot->half);
            $taken = array_filter($others, fn (Circuit $c): bool => $c->slot->clashesWith($place));
            if ($taken === [] && $space !== $circuit->slot->space && $this->accepts($place)) {
                $places[] = $place;
            }
        }

        return $places;
    }

    /** Its label lets a breaker of this kind sit there, as far as is known. */
    public function accepts(Slot $slot): bool
    {
        return $slot->half === null || $this->tandemSpaces === null
            || array_diff($slot->spaces(), $this->tandemSpaces->spaces) === [];
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
            fn (Circuit $c): bool => array_intersect($c->slot->spaces(), $this->interlockSpaces()) !== [],
        ));
    }
}
