<?php

declare(strict_types=1);

namespace Underpin\Sizing\Turns;

use Underpin\Legs\Leg;
use Underpin\Limit;
use Underpin\Refused;

/** A load that takes turns: it must be on for a number of slots, within a part of the time, and not in shorter runs than a block. */
final readonly class TurnLoad
{
    /** amperes on each leg */
    public float $aAmps;

    public float $bAmps;

    /**
     * @param  float  $amps  on each leg that it hangs on
     * @param  int  $needSlots  in which it is on, from blockSlots to the length of its part of the time
     * @param  int  $fromSlot  first slot in which it may be on
     * @param  int  $toSlot  first slot in which it may not be on any more
     * @param  int  $blockSlots  shortest run without a break, at least 1
     * @param  float  $worth  of serving it, in any unit
     *
     * @throws Refused on the field that does not go with the others
     */
    public function __construct(
        public string $id, public Leg $leg, float $amps, public int $needSlots, public int $fromSlot, public int $toSlot,
        public int $blockSlots = 1, public float $worth = 1.0,
    ) {
        if ($fromSlot < 0 || $fromSlot >= $toSlot) {
            throw new Refused('from_slot', "from_slot must be from 0 to below to_slot ($toSlot); $fromSlot was given.");
        }
        if ($blockSlots < 1) {
            throw new Refused('block_slots', "block_slots must be at least 1; $blockSlots was given.");
        }
        if ($needSlots > $toSlot - $fromSlot || $needSlots < $blockSlots) {
            throw new Refused('need_slots', sprintf(
                'need_slots must be from block_slots (%d) to the slots of its part of the time (%d); %d was given.',
                $blockSlots, $toSlot - $fromSlot, $needSlots,
            ));
        }
        if ($amps < 0 || $worth < 0) {
            throw new Refused($amps < 0 ? 'amps' : 'worth', ($amps < 0 ? 'amps' : 'worth').' must not be below 0.');
        }
        $this->aAmps = $leg->onA() ? $amps : 0.0;
        $this->bAmps = $leg->onB() ? $amps : 0.0;
    }

    /** What is left of it from a slot on, when it still needs so many: the run in which it is may end at once. */
    public function left(int $needSlots, int $fromSlot): self
    {
        return new self($this->id, $this->leg, max($this->aAmps, $this->bAmps), $needSlots, $fromSlot, $this->toSlot, 1, $this->worth);
    }

    /** What it takes of the legs over all slots, as a part of what they have free. */
    public function takes(Room $room): float
    {
        return $this->needSlots / $room->slots
            * ($this->aAmps / max($room->aAmps, Limit::SLACK) + $this->bAmps / max($room->bAmps, Limit::SLACK));
    }

    /** Fewest slots in which it is on between two of them, however it is placed. */
    public function leastBetween(int $from, int $to): int
    {
        $outside = $this->toSlot - $this->fromSlot - max(0, min($to, $this->toSlot) - max($from, $this->fromSlot));

        return max(0, $this->needSlots - $outside);
    }
}
