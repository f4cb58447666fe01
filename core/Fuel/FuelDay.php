<?php

declare(strict_types=1);

namespace Underpin\Fuel;

/** What an outage of so many days takes. Units: gallons, or cubic feet of natural gas. */
final readonly class FuelDay
{
    /**
     * @param  ?float  $usd  null: the price of the fuel is not known
     * @param  ?int  $refuels  stops to fill its own tank; null: it has none, or its size is not known
     * @param  ?float  $short  what is missing of it beside what is stored; null: nobody said what is stored, or it comes by a pipe
     */
    public function __construct(public int $days, public float $units, public ?float $usd, public ?int $refuels, public ?float $short)
    {
    }
}
