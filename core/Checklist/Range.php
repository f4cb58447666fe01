<?php

declare(strict_types=1);

namespace Underpin\Checklist;

use Underpin\Codebook\Acceptance;
use Underpin\Limit;
use Underpin\Say;

/** Between what a reading must lie, and whose figure that is. */
final readonly class Range
{
    /**
     * @param  ?float  $low  null: open at that end
     * @param  ?float  $high  null: open at that end
     * @param  string  $from  whose figure it is: "the label", "the shop", "practice"
     */
    public function __construct(public ?float $low, public ?float $high, public string $from)
    {
    }

    /** As practice has it. */
    public static function usual(Acceptance $of): self
    {
        return new self($of->low(), $of->high(), 'practice');
    }

    /** A figure of a label, and what the tool may be off. */
    public static function around(float $figure, float $pct, string $from): self
    {
        return new self($figure * (1 - $pct / 100), $figure * (1 + $pct / 100), $from);
    }

    public function holds(float $value): bool
    {
        return ($this->low === null || Limit::within($this->low, $value)) && ($this->high === null || Limit::within($value, $this->high));
    }

    public function words(string $unit): string
    {
        $low = Say::figure($this->low);
        $high = Say::figure($this->high);

        return trim(match (true) {
            $this->low === null && $this->high === null => 'any',
            $this->low === null => "at most $high $unit",
            $this->high === null => "at least $low $unit",
            default => "$low to $high $unit",
        });
    }
}
