<?php

declare(strict_types=1);

namespace Underpin\Outage\House;

use Underpin\Codebook\DayAtHome;

/** Who is at home in an outage. Whoever is away or asleep switches nothing and fills nothing. */
enum Home: string
{
    case Always = 'always';
    case AwayByDay = 'away by day';
    case Nobody = 'nobody';

    private const LEAVES_H = 8.0;

    private const RETURNS_H = 17.0;

    public function words(): string
    {
        return match ($this) {
            self::Always => 'somebody at home all the time',
            self::AwayByDay => 'nobody at home from 8 to 5',
            self::Nobody => 'nobody at home',
        };
    }

    /** @param  float  $clockH  hour of the day, 0 to below 24 */
    public function isAwake(float $clockH): bool
    {
        return match ($this) {
            self::Nobody => false,
            self::Always => self::isDay($clockH),
            self::AwayByDay => self::isDay($clockH) && ($clockH < self::LEAVES_H || $clockH >= self::RETURNS_H),
        };
    }

    /** Hours from an hour of the day until somebody can see to it; null: nobody comes. */
    public function hoursUntilAwake(float $clockH): ?float
    {
        if ($this === self::Nobody) {
            return null;
        }
        if ($this->isAwake($clockH)) {
            return 0.0;
        }

        return $this === self::AwayByDay && $clockH >= self::LEAVES_H && $clockH < self::RETURNS_H
            ? self::RETURNS_H - $clockH
            : fmod(DayAtHome::WAKES_H - $clockH + 24, 24);
    }

    private static function isDay(float $clockH): bool
    {
        return $clockH >= DayAtHome::WAKES_H && $clockH < DayAtHome::SLEEPS_H;
    }
}
