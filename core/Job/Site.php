<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Refused;

/** Fuel, ground and climate as later stages need them. Null: not known yet. */
final readonly class Site
{
    /**
     * @param  ?float  $gasMeterCfh  capacity of the gas meter, cubic feet an hour; 0: no gas here
     * @param  ?float  $propaneTankGal  size of the tank, gallons; 0: none
     * @param  ?float  $gasolineGal  what is safe to keep, gallons; 0: none
     * @param  ?float  $hottestF  hottest day, °F
     * @param  ?float  $coldestF  coldest day, °F
     * @param  ?float  $snowIn  deepest snow, inches
     * @param  ?bool  $level  level ground for a machine
     * @param  ?bool  $aboveFlood  that place lies above the flood line
     */
    public function __construct(
        public ?float $gasMeterCfh = null,
        public ?float $propaneTankGal = null,
        public ?float $gasolineGal = null,
        public ?float $altitudeFt = null,
        public ?float $hottestF = null,
        public ?float $coldestF = null,
        public ?float $snowIn = null,
        public ?bool $level = null,
        public ?bool $aboveFlood = null,
    ) {
        if ($hottestF !== null && $coldestF !== null && $coldestF > $hottestF) {
            throw new Refused('coldest_f', "Coldest day must not be above the hottest day ($hottestF °F); $coldestF °F was given.");
        }
    }

    /** °C; null: not known */
    public function hottestC(): ?float
    {
        return $this->hottestF === null ? null : ($this->hottestF - 32) / 1.8;
    }

    /** There is some of that fuel here; null: not known. */
    public function has(Fuel $fuel): ?bool
    {
        if ($fuel === Fuel::Stored) {
            return true;
        }
        $amount = match ($fuel) {
            Fuel::NaturalGas => $this->gasMeterCfh,
            Fuel::Propane => $this->propaneTankGal,
            Fuel::Gasoline => $this->gasolineGal,
            Fuel::Diesel => null,
        };

        return $amount === null ? null : $amount > 0;
    }

    /**
     * @return array<string, string> what is not known yet => what waits for it
     */
    public function missing(): array
    {
        $waits = [
            'the gas meter, the propane tank and the gasoline that may be kept' => [
                $this->gasMeterCfh === null && $this->propaneTankGal === null && $this->gasolineGal === null,
                'Size: a fuel that is not there is offered last',
            ],
            'the altitude' => [$this->altitudeFt === null, 'Size: an engine loses power with height'],
            'the hottest day' => [$this->hottestF === null, 'Size, for the engine, and Wire, for the conductors'],
            'the coldest day' => [$this->coldestF === null, 'Place and fuel: what a propane tank boils off'],
            'snow and level ground' => [$this->snowIn === null || $this->level === null, 'Place and fuel: pad and platform'],
            'the flood line' => [$this->aboveFlood === null, 'Place and fuel: how high it stands'],
        ];

        return array_map(fn (array $each): string => $each[1], array_filter($waits, fn (array $each): bool => $each[0]));
    }

    public function nothingKnown(): bool
    {
        return array_filter(get_object_vars($this), fn (mixed $fact): bool => $fact !== null) === [];
    }
}
