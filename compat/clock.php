<?php

declare(strict_types=1);

/*
 * Laravel's scheduler and Carbon type-hint symfony/clock, which is not available where
 * this project is built. Only the interface is needed. Delete this file (and the
 * "replace" entry in composer.json) once the package can be installed.
 */

namespace Symfony\Component\Clock;

use DateTimeZone;
use Psr\Clock\ClockInterface as PsrClock;

if (! interface_exists(ClockInterface::class)) {
    interface ClockInterface extends PsrClock
    {
        public function sleep(float|int $seconds): void;

        public function withTimeZone(DateTimeZone|string $timezone): static;
    }
}
