<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Job\Part\FuelKeptPart;

/** What is known of the fuel of a job: what is stored and since when, the tank, the gas, and where more is to be had. Null: not known. */
final readonly class FuelKept
{
    /**
     * @param  string  $boughtOn  day on which what is stored was bought, YYYY-MM-DD; empty: not noted
     * @param  ?bool  $treated  stabiliser was added
     * @param  ?float  $usdPerUnit  dollars a gallon, or for 100 cubic feet of natural gas
     * @param  ?float  $tankFillPct  how full the propane tank is kept
     * @param  ?bool  $buried  the propane tank lies in the ground
     * @param  ?float  $supplierBtuh  what the supplier says that the tank gives on the coldest day, BTU an hour
     * @param  list<GasAppliance>  $appliances  on the same gas
     * @param  ?float  $pipeFt  longest length of gas pipe, with fittings; null: as the site plan says
     * @param  string  $near  where the nearest filling is
     * @param  string  $far  where to fill when that is dark
     * @param  ?float  $engineW  what a small engine gives to a battery station, watts
     * @param  ?float  $sunW  what solar panels give to it in full sun, watts
     * @param  ?float  $sunH  hours of full sun on a day of the season that it is for
     */
    public function __construct(
        public string $boughtOn = '',
        public ?bool $treated = null,
        public ?float $usdPerUnit = null,
        public ?float $tankDiameterIn = null,
        public ?float $tankLengthIn = null,
        public ?float $tankFillPct = null,
        public ?bool $buried = null,
        public ?float $supplierBtuh = null,
        public array $appliances = [],
        public ?float $pipeFt = null,
        public string $near = '',
        public string $far = '',
        public ?float $engineW = null,
        public ?float $sunW = null,
        public ?float $sunH = null,
    ) {
        FuelKeptPart::form()->guard([
            'bought_on' => $boughtOn === '' ? null : $boughtOn, 'usd_per_unit' => $usdPerUnit, 'tank_diameter_in' => $tankDiameterIn,
            'tank_length_in' => $tankLengthIn, 'tank_fill_pct' => $tankFillPct, 'supplier_btuh' => $supplierBtuh, 'pipe_ft' => $pipeFt,
            'near' => $near, 'far' => $far, 'engine_w' => $engineW, 'sun_w' => $sunW, 'sun_h' => $sunH,
        ]);
    }

    /** @param  list<GasAppliance>  $appliances */
    public function with(array $appliances): self
    {
        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return new self(...[...get_object_vars($this), 'appliances' => $appliances]);
    }

    /** The price is that of the fuel that was picked, and of no other. */
    public function unpriced(): self
    {
        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return new self(...[...get_object_vars($this), 'usdPerUnit' => null]);
    }

    /** All that burns beside the machine, BTU an hour. */
    public function appliancesBtuh(): float
    {
        return array_sum(array_map(fn (GasAppliance $each): float => $each->btuh, $this->appliances));
    }
}
