<?php

declare(strict_types=1);

namespace Underpin\Outage;

use Underpin\Job\Season;
use Underpin\Outage\House\Home;
use Underpin\Refused;

/**
 * An outage to be acted out: when, for how long, who is at home, what somebody does beside the plan. The same seed
 * gives the same one.
 */
final readonly class Scenario
{
    public const LONGEST_H = 720.0;

    /**
     * @param  float  $hours  until the utility is back, over 0, at most thirty days
     * @param  float  $startHour  hour of the day at which it begins, 0 to below 24
     * @param  bool  $fetches  somebody can fetch more fuel when the cans are empty
     * @param  list<Deed>  $deeds  by time
     *
     * @throws Refused on hours or start_hour
     */
    public function __construct(
        public Season $season = Season::Winter, public float $hours = 72.0, public float $startHour = 18.0,
        public Home $home = Home::Always, public bool $fetches = false, public array $deeds = [], public int $seed = 1,
    ) {
        if ($hours <= 0 || $hours > self::LONGEST_H) {
            throw new Refused('hours', 'Hours must be over 0 and at most '.self::LONGEST_H."; $hours was given.");
        }
        if ($startHour < 0 || $startHour >= 24) {
            throw new Refused('start_hour', "Hour of the day must be from 0 to below 24; $startHour was given.");
        }
    }

    public function with(mixed ...$changes): self
    {
        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return new self(...[...get_object_vars($this), ...$changes]);
    }

    public function seconds(): float
    {
        return $this->hours * 3600;
    }
}
