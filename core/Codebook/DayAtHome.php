<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** Hours of the day between which somebody at home is awake: at night nobody throws a breaker or fills a tank. Good practice. */
final class DayAtHome
{
    public const WAKES_H = 6.5;

    public const SLEEPS_H = 22.5;
}
