<?php

declare(strict_types=1);

namespace Underpin\Sizing\Turns;

use Underpin\Limit;
use Underpin\Refused;

/** What the legs have free in every slot, beside what is on all the time; amperes. */
final readonly class Room
{
    public const MOST_SLOTS = 288;

    public float $aAmps;

    public float $bAmps;

    /** @throws Refused on slots, or on a base that is over its limit */
    public function __construct(
        public int $slots, float $limitAAmps, float $limitBAmps, public float $baseAAmps = 0.0, public float $baseBAmps = 0.0,
    ) {
        if ($slots < 1 || $slots > self::MOST_SLOTS) {
            throw new Refused('slots', sprintf('slots must be from 1 to %d; %d was given.', self::MOST_SLOTS, $slots));
        }
        foreach (['a' => [$baseAAmps, $limitAAmps], 'b' => [$baseBAmps, $limitBAmps]] as $leg => [$base, $limit]) {
            if ($base < 0 || Limit::over($base, $limit)) {
                throw new Refused(
                    "base_{$leg}_amps", "base_{$leg}_amps must be from 0 to limit_{$leg}_amps ($limit A); $base A was given.",
                );
            }
        }
        $this->aAmps = $limitAAmps - $baseAAmps;
        $this->bAmps = $limitBAmps - $baseBAmps;
    }

    public function takes(float $aAmps, float $bAmps): bool
    {
        return Limit::within($aAmps, $this->aAmps) && Limit::within($bAmps, $this->bAmps);
    }
}
