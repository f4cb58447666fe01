<?php

declare(strict_types=1);

namespace Underpin\Fuel;

use Underpin\Codebook\FuelFacts;
use Underpin\Codebook\GasPipes;
use Underpin\Codebook\PropaneVapour;
use Underpin\Job\Fuel;
use Underpin\Job\FuelKept;
use Underpin\Job\Job;
use Underpin\Job\Plan\RouteKind;
use Underpin\Limit;
use Underpin\Measure\Interval\CivilDay;
use Underpin\Sizing\Fit;
use Underpin\Sizing\Supply;

/**
 * What keeps the machine of a job running, at the loads of this job and not at full load. Burn is linear between no load and full
 * load. All that must run is taken as on at once, until outages have been acted out: motors that cycle make it less. Good practice;
 * NFPA 54 and NFPA 58 for gas.
 */
final readonly class FuelPlan
{
    private const DAYS = [1, 3, 7];

    private const HOURS_A_DAY = 24.0;

    private const CUBIC_FEET_PRICED = 100.0;

    /** watts that must run, all at once, as far as the machine carries them */
    public float $loadW;

    /** null: the data sheet does not say what it burns */
    public ?RunTime $hour;

    public FuelKept $kept;

    private function __construct(public Supply $supply, private Job $job, float $loadW)
    {
        $this->kept = $job->fuelKept;
        $this->loadW = min($loadW, $supply->runW());
        $this->hour = $this->burn(1.0);
    }

    public static function of(Fit $fit, Job $job): self
    {
        return new self($fit->supply, $job, $fit->runningW());
    }

    /**
     * The same at the load that outages acted out have found, in place of all at once.
     *
     * @param  float  $watts  on average while it runs
     */
    public function atMean(float $watts): self
    {
        return new self($this->supply, $this->job, $watts);
    }

    /** Hours of its own tank; null: it has none for this fuel, or its size or its burn is not known. */
    public function tankHours(): ?float
    {
        $isFilled = in_array($this->supply->fuel, [Fuel::Gasoline, Fuel::Diesel], true);
        $tank = $this->supply->machine->housing->tankGal;

        return $tank === null || ! $isFilled ? null : $this->burn($tank)?->hours;
    }

    /** Hours of a battery station at the loads of this job; null: it is none, nothing runs, or what it holds is not known. */
    public function batteryHours(): ?float
    {
        $wh = $this->supply->machine->stored->wh;

        return $wh === null || $this->supply->fuel !== Fuel::Stored || $this->loadW <= 0 ? null : $wh / $this->loadW;
    }

    /** Hours that a small engine, or the utility, charges it from empty; null: it is none, or its figures are not known. */
    public function rechargeHours(): ?float
    {
        $takes = $this->takesW();
        $gives = $this->kept->engineW ?? $takes;

        return $takes === null || $gives === null ? null : $this->supply->machine->stored->wh / min($takes, $gives);
    }

    /** Watt-hours that the sun brings on a day; null: it is none, or panels and sun are not noted. */
    public function sunWh(): ?float
    {
        $takes = $this->takesW();

        return $takes === null || $this->kept->sunW === null || $this->kept->sunH === null
            ? null : min($this->kept->sunW, $takes) * $this->kept->sunH;
    }

    /** Watt-hours that the loads of this job take in a day, all that must run at once. */
    public function dayWh(): float
    {
        return $this->loadW * self::HOURS_A_DAY;
    }

    /** Hours that a full one lasts with the sun of each day; null: nothing is known of the sun, or it goes on for good (sunCarries). */
    public function sunHours(): ?float
    {
        $wh = $this->supply->machine->stored->wh;
        $sun = $this->sunWh();

        return $wh === null || $sun === null || $this->loadW <= 0 || $this->sunCarries() === true
            ? null : $wh / ($this->loadW - $sun / self::HOURS_A_DAY);
    }

    /** The sun of a day brings all that is used in it; null: not known. */
    public function sunCarries(): ?bool
    {
        $sun = $this->sunWh();

        return $sun === null ? null : Limit::within($this->dayWh(), $sun);
    }

    /** Watts that a battery station takes; null: it is none, or its figures are not known. */
    private function takesW(): ?float
    {
        $stored = $this->supply->machine->stored;

        return $this->supply->fuel === Fuel::Stored && $stored->wh !== null && $stored->rechargeW > 0 ? $stored->rechargeW : null;
    }

    /** What is stored and can be used, gallons; null: not known, or it comes by a pipe. */
    public function storedGal(): ?float
    {
        $site = $this->job->site;
        $full = $this->kept->tankFillPct ?? FuelFacts::TANK_FULL_PCT;

        return match ($this->supply->fuel) {
            Fuel::Gasoline => $site->gasolineGal,
            Fuel::Propane => $site->propaneTankGal === null
                ? null : $site->propaneTankGal * max(0.0, $full - FuelFacts::TANK_EMPTY_PCT) / 100,
            Fuel::Diesel => $this->supply->machine->housing->tankGal,
            Fuel::NaturalGas, Fuel::Stored => null,
        };
    }

    /** Hours of all that is stored. */
    public function storedHours(): ?float
    {
        $stored = $this->storedGal();

        return $stored === null ? null : $this->burn($stored)?->hours;
    }

    /**
     * Hours after the start at which its own tank is filled, through a day and a night: the engine off and cooled at each, and somebody
     * awake. Empty: it has none, or its size or its burn is not known, or one tank lasts longer.
     *
     * @return list<float>
     */
    public function refuelsAt(): array
    {
        $tank = $this->tankHours();
        $at = [];
        for ($hour = $tank ?? self::HOURS_A_DAY; $tank > 0 && Limit::over(self::HOURS_A_DAY, $hour); $hour += $tank) {
            $at[] = $hour;
        }

        return $at;
    }

    /** @return list<FuelDay> empty: its burn is not known */
    public function days(): array
    {
        $burn = $this->hour?->burnPerH;

        return $burn === null ? [] : array_map(function (int $days) use ($burn): FuelDay {
            $units = $burn * self::HOURS_A_DAY * $days;
            $stored = $this->storedGal();
            $tank = $this->tankHours();
            $priced = $this->supply->fuel === Fuel::NaturalGas ? self::CUBIC_FEET_PRICED : 1.0;

            return new FuelDay(
                $days, $units, $this->kept->usdPerUnit === null ? null : $units / $priced * $this->kept->usdPerUnit,
                $tank === null ? null : max(0, (int) ceil($days * self::HOURS_A_DAY / $tank - 1e-9) - 1),
                $stored === null ? null : max(0.0, $units - $stored),
            );
        }, self::DAYS);
    }

    /** BTU an hour at full load; null: its burn is not known, or it burns no gas. */
    public function fullBtuh(): ?float
    {
        return $this->btuh($this->supply->rating->fullPerH);
    }

    /** BTU an hour at the loads of this job. */
    public function loadBtuh(): ?float
    {
        return $this->btuh($this->hour?->burnPerH);
    }

    /**
     * What the propane tank boils off on the coldest day, BTU an hour: as the supplier says; else by the table where it stands
     * above ground.
     */
    public function vapourBtuh(): ?float
    {
        $kept = $this->kept;
        $coldest = $this->job->site->coldestF;
        if ($kept->supplierBtuh !== null || $this->supply->fuel !== Fuel::Propane) {
            return $kept->supplierBtuh;
        }
        if ($kept->buried !== false || $kept->tankDiameterIn === null || $kept->tankLengthIn === null || $coldest === null
            || $coldest < PropaneVapour::COLDEST_F) {
            return null;
        }

        // It gives least when it is nearly empty: that is when the storm is longest.
        return TankVapour::btuh($kept->tankDiameterIn, $kept->tankLengthIn, FuelFacts::TANK_EMPTY_PCT, $coldest);
    }

    /** What the propane tank must boil off, BTU an hour: the machine at the loads of this job, and all else that burns from it. */
    public function tankWantsBtuh(): ?float
    {
        $machine = $this->supply->fuel === Fuel::Propane ? $this->loadBtuh() : null;

        return $machine === null ? null : $machine + $this->kept->appliancesBtuh();
    }

    /** Why it is not known what the tank boils off; empty: it is, or there is none. */
    public function vapourMissing(): string
    {
        $coldest = $this->job->site->coldestF;

        return match (true) {
            $this->supply->fuel !== Fuel::Propane, $this->vapourBtuh() !== null => '',
            $this->kept->buried === null => 'whether the tank is buried',
            $this->kept->buried => 'the supplier\'s figure: a buried tank follows its soil',
            $coldest === null => 'the coldest day',
            $coldest < PropaneVapour::COLDEST_F => 'the supplier\'s figure: the coldest day is below the table',
            default => 'diameter and length of the tank',
        };
    }

    /** Everything on the gas meter with the machine at full load, cubic feet an hour; null: not natural gas, or not known. */
    public function meterCfh(): ?float
    {
        $machine = $this->supply->fuel === Fuel::NaturalGas ? $this->fullBtuh() : null;

        return $machine === null ? null : ($machine + $this->kept->appliancesBtuh()) / GasPipes::BTU_PER_FT3_NATURAL;
    }

    /** Feet of pipe to the machine: as typed, else along the site plan. */
    public function pipeFt(): ?float
    {
        return $this->kept->pipeFt ?? $this->job->plan->route(RouteKind::Gas)?->ft();
    }

    /** The pipe with its branches; null: no gas, or the way to the machine is not measured. */
    public function pipes(): ?GasTree
    {
        $btuh = $this->fullBtuh();
        $ft = $this->pipeFt();
        $gas = $this->piped();

        return $btuh === null || $ft === null || $ft <= 0 || $gas === null ? null : GasTree::of($gas, $btuh, $ft, $this->kept->appliances);
    }

    private function piped(): ?PipedGas
    {
        return match ($this->supply->fuel) {
            Fuel::NaturalGas => PipedGas::Natural,
            Fuel::Propane => PipedGas::Propane,
            Fuel::Gasoline, Fuel::Diesel, Fuel::Stored => null,
        };
    }

    /** Day on which what is stored goes bad, YYYY-MM-DD; null: it does not, or it is not noted. */
    public function badOn(): ?string
    {
        if ($this->supply->fuel !== Fuel::Gasoline || $this->kept->boughtOn === '') {
            return null;
        }
        [$year, $month, $day] = array_map(intval(...), explode('-', $this->kept->boughtOn)) + [0, 0, 0];
        $bought = CivilDay::number($year, $month, $day);

        return $bought === null ? null : CivilDay::iso(
            $bought + ($this->kept->treated === true ? FuelFacts::GASOLINE_TREATED_DAYS : FuelFacts::GASOLINE_DAYS),
        );
    }

    /** @return list<string> what is not known, and keeps fuel from being judged */
    public function missing(): array
    {
        $rating = $this->supply->rating;

        return array_keys(array_filter([
            'what the machine burns at no load and at full load' => $rating->idlePerH === null || $rating->fullPerH === null,
            'the gasoline that is kept' => $this->supply->fuel === Fuel::Gasoline && $this->job->site->gasolineGal === null,
            'the size of the propane tank' => $this->supply->fuel === Fuel::Propane && $this->job->site->propaneTankGal === null,
            $this->vapourMissing() => $this->vapourMissing() !== '',
            'the capacity of the gas meter' => $this->supply->fuel === Fuel::NaturalGas && $this->job->site->gasMeterCfh === null,
            'the way of the gas pipe' => $this->fullBtuh() !== null && $this->pipeFt() === null,
            'the price of the fuel' => $this->supply->fuel !== Fuel::Stored && $this->kept->usdPerUnit === null,
        ]));
    }

    private function burn(float $stored): ?RunTime
    {
        $rating = $this->supply->rating;

        return $rating->idlePerH === null || $rating->fullPerH === null ? null : RunTime::of(
            $stored, $rating->idlePerH, $rating->fullPerH, $rating->runW, min($this->loadW, $rating->runW),
        );
    }

    private function btuh(?float $perH): ?float
    {
        return $perH === null ? null : match ($this->supply->fuel) {
            Fuel::NaturalGas => $perH * GasPipes::BTU_PER_FT3_NATURAL,
            Fuel::Propane => $perH * FuelFacts::BTU_PER_GAL_PROPANE,
            Fuel::Gasoline, Fuel::Diesel, Fuel::Stored => null,
        };
    }
}
