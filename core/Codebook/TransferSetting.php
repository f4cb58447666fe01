<?php

declare(strict_types=1);

namespace Underpin\Codebook;

use Underpin\Limit;

/** One setting of an automatic switch: what is usual, and what it is for. */
final readonly class TransferSetting
{
    /**
     * @param  string  $key  with its unit
     * @param  string  $unit  %, s or min
     * @param  list<array{float, float}>  $usual  ranges that are in use
     * @param  float  $most  the largest that is taken
     * @param  string  $words  the ranges in words
     */
    public function __construct(
        public string $key, public string $title, public string $unit, public array $usual, public float $most, public string $words,
        public string $for,
    ) {
    }

    public function isUsual(float $value): bool
    {
        foreach ($this->usual as [$low, $high]) {
            if (Limit::within($low, $value) && Limit::within($value, $high)) {
                return true;
            }
        }

        return false;
    }
}
