<?php

declare(strict_types=1);

namespace Underpin\Fuel;

/** A piece of gas pipe that carries the same load from end to end. */
final readonly class PipeSection
{
    /**
     * @param  string  $words  from where to where
     * @param  float  $ft  of its own
     * @param  float  $btuh  that it carries
     * @param  ?GasPipe  $pipe  null: more than a 4 in pipe carries over this length
     */
    public function __construct(public string $words, public float $ft, public float $btuh, public ?GasPipe $pipe)
    {
    }

    /** The size that it takes. */
    public function size(): string
    {
        return match (true) {
            $this->pipe === null => 'over 4 in: the plumber says',
            $this->pipe->isTight() => "{$this->pipe->smallest} in schedule 40, and tight: the next size",
            default => "{$this->pipe->smallest} in schedule 40",
        };
    }
}
