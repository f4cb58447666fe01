<?php

declare(strict_types=1);

namespace App\Bench;

/** Times of many runs of the same thing, in milliseconds. */
final class Times
{
    /** @var list<float> */
    private array $ms = [];

    public function measure(callable $do): void
    {
        $began = hrtime(true);
        $do();
        $this->ms[] = (hrtime(true) - $began) / 1e6;
    }

    public function median(): float
    {
        return $this->share(0.5);
    }

    public function share(float $share): float
    {
        $sorted = $this->ms;
        sort($sorted);

        return $sorted[(int) floor($share * (count($sorted) - 1))] ?? 0.0;
    }
}
