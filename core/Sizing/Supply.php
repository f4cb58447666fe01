<?php

declare(strict_types=1);

namespace Underpin\Sizing;

use Underpin\Codebook\SplitPhase;
use Underpin\Job\Fuel;
use Underpin\Job\Generator;
use Underpin\Job\Machine;
use Underpin\Job\Rating;
use Underpin\Legs\Leg;
use Underpin\Refused;

/**
 * A machine on one fuel, as the legs see it. A 120/240 V machine gives half its watts to each
 * leg; a 120 V machine has one hot conductor that carries whatever would be on both.
 */
final readonly class Supply
{
    public Rating $rating;

    public function __construct(public Machine $machine, public Fuel $fuel)
    {
        $this->rating = $machine->ratingOn($fuel)
            ?? throw new Refused('fuel', "Fuel: $machine->name does not run on $fuel->value.");
    }

    /** Null: no machine is picked. */
    public static function of(Generator $generator): ?self
    {
        return $generator->machine === null || $generator->fuel === null ? null : new self($generator->machine, $generator->fuel);
    }

    public function feedsBothLegs(): bool
    {
        return $this->machine->volts === SplitPhase::BETWEEN_LEGS_V;
    }

    /** Amperes a hot conductor carries for hours: the rating, or the outlet where that is less. */
    public function runLimitAmps(): float
    {
        return min($this->ratedRunAmps(), (float) $this->machine->outletAmps);
    }

    public function ratedRunAmps(): float
    {
        return $this->rating->runW / $this->machine->volts;
    }

    /** Amperes a hot conductor carries for the moment of a start. */
    public function surgeLimitAmps(): float
    {
        return $this->rating->peakW / $this->machine->volts;
    }

    public function canFeed(Leg $leg): bool
    {
        return $this->feedsBothLegs() || $leg !== Leg::AB;
    }

    /** The conductor that a circuit's current flows in: on a 120 V machine there is only one. */
    public function hotFor(Leg $leg): Leg
    {
        return $this->feedsBothLegs() ? $leg : Leg::A;
    }

    public function words(): string
    {
        return $this->machine->name.' on '.$this->fuel->value;
    }
}
