<?php

declare(strict_types=1);

namespace Underpin\Sizing;

use Underpin\Refused;

/** A generator as a catalogue lists it. */
final readonly class Machine
{
    /** smallest and largest outlet, or breaker of its own, amperes */
    public const LEAST_OUTLET_A = 15;

    public const MOST_OUTLET_A = 600;

    /**
     * @param  int  $volts  120: one hot conductor; 240: two legs and a neutral
     * @param  Outlet  $outlet  the largest that could feed a panel
     * @param  int  $outletA  amperes of that outlet, or of the machine's own breaker at its terminals
     * @param  list<Rating>  $ratings  one for each fuel it burns
     * @param  int  $priceUsd  whole dollars
     */
    public function __construct(
        public string $id,
        public string $name,
        public MachineForm $form,
        public int $volts,
        public Outlet $outlet,
        public int $outletA,
        public Bond $bond,
        public bool $gfci,
        public array $ratings,
        public int $priceUsd,
    ) {
        if ($volts !== 120 && $volts !== 240) {
            throw new Refused('volts', 'volts must be 120 or 240.');
        }
        if ($outletA < self::LEAST_OUTLET_A || $outletA > self::MOST_OUTLET_A) {
            throw new Refused('outlet_a', sprintf('outlet_a must be from %d to %d A.', self::LEAST_OUTLET_A, self::MOST_OUTLET_A));
        }
        if (($outlet->amps() ?? $outletA) !== $outletA) {
            throw new Refused('outlet_a', "outlet_a must be {$outlet->amps()} A for a $outlet->value.");
        }
        if (($outlet->volts() ?? $volts) !== $volts) {
            throw new Refused('outlet', "outlet: a $outlet->value does not give $volts V.");
        }
        if ($ratings === []) {
            throw new Refused('ratings', 'ratings: a machine needs a rating for at least one fuel.');
        }
        if ($priceUsd < 0) {
            throw new Refused('price_usd', 'price_usd must not be below 0.');
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
