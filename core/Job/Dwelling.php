<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Codebook\DwellingLoads;
use Underpin\Codebook\RangeDemand;
use Underpin\Refused;

/** What a dwelling has, as the code's load calculations count it. Volt-amperes, square feet. */
final readonly class Dwelling
{
    /**
     * @param  ?float  $floorAreaFt2  null: not measured yet
     * @param  list<array{id: string, va: float}>  $appliances  fastened in place; not ranges, dryers, heating or cooling
     * @param  list<float>  $rangesVa  nameplates, at most five of at most 27 kW
     * @param  list<float>  $dryersVa  nameplates, at most four
     * @param  list<float>  $evChargersVa  nameplates; each counts at least 7,200 (220.57)
     * @param  int  $heatingUnits  separately controlled
     */
    public function __construct(
        public ?float $floorAreaFt2 = null,
        public int $smallApplianceCircuits = 2,
        public int $laundryCircuits = 1,
        public array $appliances = [],
        public array $rangesVa = [],
        public array $dryersVa = [],
        public array $evChargersVa = [],
        public float $heatingVa = 0.0,
        public int $heatingUnits = 1,
        public float $heatPumpVa = 0.0,
        public float $supplementalHeatVa = 0.0,
        public float $coolingVa = 0.0,
        public float $largestMotorVa = 0.0,
    ) {
    }

    /**
     * Whether a calculation can rest on it.
     *
     * @throws Refused on "floor_area_ft2", "ranges_va" or "dryers_va"
     */
    public function guard(): void
    {
        if ($this->floorAreaFt2 === null) {
            throw new Refused('floor_area_ft2', 'Floor area is missing: this calculation rests on it.');
        }
        RangeDemand::guard($this->rangesVa);
        if (count($this->dryersVa) > DwellingLoads::MOST_DRYERS) {
            throw new Refused(
                'dryers_va', sprintf('Dryers may be at most %d; %d were given.', DwellingLoads::MOST_DRYERS, count($this->dryersVa)),
            );
        }
    }

    public function appliancesVa(): float
    {
        return array_sum(array_column($this->appliances, 'va'));
    }

    /** 220.41 and 220.52: 3 VA a square foot, and 1,500 VA for each small-appliance and laundry circuit. */
    public function generalLightingVa(): float
    {
        return DwellingLoads::LIGHTING_VA_PER_FT2 * ($this->floorAreaFt2 ?? 0.0) + DwellingLoads::CIRCUIT_VA * (
            $this->smallApplianceCircuits + $this->laundryCircuits
        );
    }

    /** 220.57: the larger of the nameplate and 7,200 VA for each. */
    public function evChargersVa(): float
    {
        return array_sum(array_map(fn (float $va): float => max($va, DwellingLoads::LEAST_CHARGER_VA), $this->evChargersVa));
    }

    /** Everything that the optional and the existing calculation put into one sum. */
    public function connectedVa(): float
    {
        return $this->generalLightingVa() + $this->appliancesVa()
            + array_sum($this->rangesVa) + array_sum($this->dryersVa) + $this->evChargersVa();
    }

    public function allHeatingVa(): float
    {
        return $this->heatingVa + $this->heatPumpVa + $this->supplementalHeatVa;
    }
}
