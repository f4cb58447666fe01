<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Job\Machine\Housing;
use Underpin\Job\Machine\Losses;
use Underpin\Job\Machine\Plate;
use Underpin\Job\Machine\ServiceIntervals;
use Underpin\Job\Machine\StoredEnergy;
use Underpin\Job\Part\MachinePart;
use Underpin\Refused;

/** A generator, a pair of them, or a battery station as a catalogue lists it. Null: its plate or the price list does not say. */
final readonly class Machine
{
    /** smallest and largest outlet, or breaker of its own, amperes */
    public const LEAST_OUTLET_A = 15;

    public const MOST_OUTLET_A = 600;

    /**
     * @param  int  $volts  120: one hot conductor; 240: two legs and a neutral
     * @param  Outlet  $outlet  the largest that could feed a panel
     * @param  int  $outletAmps  amperes of that outlet, or of the machine's own breaker at its terminals
     * @param  ?bool  $gfci  that outlet has ground-fault protection
     * @param  list<Rating>  $ratings  one for each fuel it burns
     * @param  ?int  $priceUsd  whole dollars
     * @param  array<string, int>  $otherOutlets  how many more it has, by designation
     * @param  ?int  $leadWeeks  from the order until it is there
     */
    public function __construct(
        public string $id,
        public string $name,
        public MachineKind $form,
        public int $volts,
        public Outlet $outlet,
        public int $outletAmps,
        public ?GeneratorNeutral $bond,
        public ?bool $gfci,
        public array $ratings,
        public ?int $priceUsd = null,
        public array $otherOutlets = [],
        public Plate $plate = new Plate,
        public Losses $losses = new Losses,
        public StoredEnergy $stored = new StoredEnergy,
        public Housing $housing = new Housing,
        public ServiceIntervals $service = new ServiceIntervals,
        public ?int $leadWeeks = null,
    ) {
        MachinePart::form()->guard(['volts' => $volts, 'outlet_a' => $outletAmps, 'price_usd' => $priceUsd]);
        if (($outlet->amps() ?? $outletAmps) !== $outletAmps) {
            throw new Refused('outlet_a', "Outlet or breaker must be {$outlet->amps()} A for a $outlet->value; $outletAmps A was given.");
        }
        if (($outlet->volts() ?? $volts) !== $volts) {
            throw new Refused('outlet', "Largest outlet: a $outlet->value does not give $volts V.");
        }
        if ($ratings === []) {
            throw new Refused('ratings', 'Ratings: a machine needs one for at least one fuel.');
        }
        foreach ($ratings as $i => $rating) {
            if ($form->isBattery() !== ($rating->fuel === Fuel::Stored)) {
                throw new Refused("ratings.$i.fuel", sprintf(
                    'Fuel: a %s %s; %s was given.', $form->words(),
                    $form->isBattery() ? 'burns nothing, its fuel is stored energy' : 'burns a fuel', $rating->fuel->value,
                ));
            }
        }
    }

    public function ratingOn(Fuel $fuel): ?Rating
    {
        foreach ($this->ratings as $rating) {
            if ($rating->fuel === $fuel) {
                return $rating;
            }
        }

        return null;
    }
}
