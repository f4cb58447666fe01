<?php

declare(strict_types=1);

namespace Underpin\Sizing;

/** One thing on the way from the engine to the panel that carries no more than so many amperes for hours. */
final readonly class CurrentLimit
{
    /**
     * @param  string  $name  "engine on propane, at 2,350 ft and 92 °F"
     * @param  float  $amps  of each hot conductor
     */
    public function __construct(public string $name, public float $amps)
    {
    }
}
