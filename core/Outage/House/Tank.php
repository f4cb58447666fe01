<?php

declare(strict_types=1);

namespace Underpin\Outage\House;

use Underpin\Codebook\FuelFacts;
use Underpin\Job\Fuel;
use Underpin\Job\Job;
use Underpin\Sizing\Supply;

/** What the machine burns and from what: gallons, cubic feet, or watt-hours of a battery. */
final readonly class Tank
{
    /** hours around noon in which the sun charges a battery */
    private const NOON_H = 12.0;

    /**
     * @param  float  $idlePerH  burned an hour at no load
     * @param  float  $perWh  and for each watt-hour
     * @param  ?float  $holds  that it runs from without a hand; null: no end of it here, or it is not known
     * @param  float  $store  beside it, to be filled from
     * @param  bool  $isFilled  by hand, with the engine off
     * @param  bool  $storeIsKnown  somebody has said what is kept beside it
     */
    private function __construct(
        public Fuel $fuel, public float $idlePerH, public float $perWh, public ?float $holds, public float $store, public bool $isFilled,
        public float $sunPerH = 0.0, private float $sunH = 0.0, public bool $storeIsKnown = true,
    ) {
    }

    /** Null: what it burns or holds is not known. */
    public static function of(Supply $supply, Job $job): ?self
    {
        $rating = $supply->rating;
        if ($supply->machine->form->isBattery()) {
            $stored = $supply->machine->stored;

            return $stored->wh === null ? null : new self(
                $supply->fuel, 0.0, 1.0, $stored->wh, 0.0, false,
                min($job->fuelKept->sunW ?? 0.0, $stored->rechargeW ?? 0.0), $job->fuelKept->sunH ?? 0.0,
            );
        }
        if ($rating->idlePerH === null || $rating->fullPerH === null) {
            return null;
        }
        $perWh = ($rating->fullPerH - $rating->idlePerH) / $rating->runW;
        $own = $supply->machine->housing->tankGal;
        $isFilled = in_array($supply->fuel, [Fuel::Gasoline, Fuel::Diesel], true) && $own !== null;
        $kept = $job->site->gasolineGal ?? $own ?? 0.0;

        return match (true) {
            $isFilled && $supply->fuel === Fuel::Gasoline => new self(
                $supply->fuel, $rating->idlePerH, $perWh, min($own, $kept), max(0.0, $kept - $own), true,
                storeIsKnown: $job->site->gasolineGal !== null,
            ),
            $isFilled => new self($supply->fuel, $rating->idlePerH, $perWh, $own, 0.0, true),
            $supply->fuel === Fuel::Propane && $job->site->propaneTankGal > 0 => new self(
                $supply->fuel, $rating->idlePerH, $perWh, $job->site->propaneTankGal * max(
                    0.0, ($job->fuelKept->tankFillPct ?? FuelFacts::TANK_FULL_PCT) - FuelFacts::TANK_EMPTY_PCT,
                ) / 100, 0.0, false,
            ),
            default => new self($supply->fuel, $rating->idlePerH, $perWh, null, 0.0, false),
        };
    }

    /** Units an hour at a load then. */
    public function burn(float $watts, float $clockH): float
    {
        return $this->idlePerH + $this->perWh * $watts - $this->sun($clockH);
    }

    private function sun(float $clockH): float
    {
        return abs($clockH - self::NOON_H) < $this->sunH / 2 ? $this->sunPerH : 0.0;
    }
}
