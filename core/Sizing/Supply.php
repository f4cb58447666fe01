<?php

declare(strict_types=1);

namespace Underpin\Sizing;

use Underpin\Codebook\EngineDerate;
use Underpin\Codebook\SplitPhase;
use Underpin\Job\Circuit;
use Underpin\Job\Fuel;
use Underpin\Job\Generator;
use Underpin\Job\Machine;
use Underpin\Job\Machine\Losses;
use Underpin\Job\Rating;
use Underpin\Job\Site;
use Underpin\Legs\Leg;
use Underpin\Refused;

/**
 * A machine on one fuel at one site, as the legs see it: what height and the hottest day leave of
 * its rating, where they are known. A 120/240 V machine gives half its watts to each leg; a 120 V machine has one hot
 * conductor that carries whatever would be on both.
 */
final readonly class Supply
{
    public Rating $rating;

    public Derate $derate;

    /** @param  Site  $site  what is not known of it takes nothing off */
    public function __construct(public Machine $machine, public Fuel $fuel, public Site $site = new Site)
    {
        $this->rating = $machine->ratingOn($fuel)
            ?? throw new Refused('fuel', "Fuel: $machine->name does not run on $fuel->value.");
        $this->derate = $machine->form->isBattery() ? Derate::none() : self::engine($machine->losses, $site);
    }

    /** Null: no machine is picked. */
    public static function of(Generator $generator, Site $site = new Site): ?self
    {
        return $generator->machine === null || $generator->fuel === null ? null : new self($generator->machine, $generator->fuel, $site);
    }

    /** Of this machine on this fuel, among others. */
    public function id(): string
    {
        return $this->machine->id.'-'.str_replace(' ', '-', $this->fuel->value);
    }

    /** Watts that it carries for hours here. */
    public function runW(): float
    {
        return $this->rating->runW * $this->derate->left();
    }

    /** Watts that it carries here for the moment of a start; no more than the running watts where its peak is not known. */
    public function peakW(): float
    {
        return ($this->rating->peakW ?? $this->rating->runW) * $this->derate->left();
    }

    public function feedsBothLegs(): bool
    {
        return $this->machine->volts === SplitPhase::BETWEEN_LEGS_V;
    }

    /** Amperes a hot conductor carries for hours: what the engine gives here, or the outlet where that is less. */
    public function runLimitAmps(): float
    {
        return min($this->ratedRunAmps(), (float) $this->machine->outletAmps);
    }

    public function ratedRunAmps(): float
    {
        return $this->runW() / $this->machine->volts;
    }

    /** Amperes a hot conductor carries for the moment of a start. */
    public function surgeLimitAmps(): float
    {
        return $this->peakW() / $this->machine->volts;
    }

    public function canFeed(Circuit $circuit): bool
    {
        return $this->feedsBothLegs() || ! $circuit->needsBothLegs();
    }

    /** The conductor that a circuit's current flows in: on a 120 V machine there is only one. */
    public function hotFor(Leg $leg): Leg
    {
        return $this->feedsBothLegs() ? $leg : Leg::A;
    }

    /** The survey says that there is none of its fuel here. */
    public function fuelIsMissing(): bool
    {
        return $this->site->has($this->fuel) === false;
    }

    /** The machine's own figures come first, then the usual rule; what is not known of the site takes nothing off. */
    private static function engine(Losses $losses, Site $site): Derate
    {
        $free = $losses->altitudeFreeFt ?? EngineDerate::ALTITUDE_FREE_FT;
        $heatFree = $losses->heatFreeF ?? EngineDerate::HEAT_FREE_F;

        return Derate::at(
            $site->altitudeFt ?? $free, $site->hottestF ?? $heatFree,
            $free, $losses->pctPer1000Ft ?? EngineDerate::ALTITUDE_PCT_PER_1000_FT,
            $heatFree, $losses->pctPer10F ?? EngineDerate::HEAT_PCT_PER_10_F,
        );
    }

    public function words(): string
    {
        return $this->machine->name.' on '.$this->fuel->value;
    }
}
