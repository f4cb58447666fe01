<?php

declare(strict_types=1);

namespace Underpin\Outage\Simulation;

use Closure;
use SplMinHeap;

/** What is planned, each for its moment; of two for the same moment, what was planned first comes first. */
final class Agenda
{
    /** @var SplMinHeap<array{float, int, Closure(): void}> when, its number, what */
    private readonly SplMinHeap $next;

    private int $number = 0;

    public function __construct()
    {
        $this->next = new SplMinHeap;
    }

    /** @param  Closure(): void  $then */
    public function add(float $atS, Closure $then): void
    {
        $this->next->insert([$atS, $this->number++, $then]);
    }

    /** @return float the moment of what comes next, in seconds; INF: nothing does */
    public function nextS(): float
    {
        return $this->next->isEmpty() ? INF : $this->next->top()[0];
    }

    /** All that was planned until this moment happens. */
    public function happen(float $untilS): void
    {
        while (! $this->next->isEmpty() && $this->next->top()[0] <= $untilS) {
            $this->next->extract()[2]();
        }
    }
}
