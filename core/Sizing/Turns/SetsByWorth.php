<?php

declare(strict_types=1);

namespace Underpin\Sizing\Turns;

use SplMinHeap;

/** Sets of loads, the one with the highest worth first: all of them, then what each clash leaves when one that is in it goes. */
final class SetsByWorth
{
    /** @var SplMinHeap<array{float, float, int}> worth without, what those without take, and bits of those without */
    private readonly SplMinHeap $queue;

    /** @var array<int, true> bits of sets that have been here */
    private array $seen = [0 => true];

    /** @param  list<TurnLoad>  $loads */
    public function __construct(private readonly array $loads)
    {
        $this->queue = new SplMinHeap;
        $this->queue->insert([0.0, 0.0, 0]);
    }

    /** @return ?array<int, TurnLoad> null: there is no other */
    public function next(): ?array
    {
        if ($this->queue->isEmpty()) {
            return null;
        }
        [, , $bits] = $this->queue->extract();

        return array_filter($this->loads, fn (int $key): bool => ($bits >> $key & 1) === 0, ARRAY_FILTER_USE_KEY);
    }

    /**
     * @param  array<int, TurnLoad>  $set
     * @param  list<int>  $clash  keys of loads in it, of which one has to go
     */
    public function without(array $set, array $clash): void
    {
        $gone = array_diff_key($this->loads, $set);
        foreach ($clash as $key) {
            $without = $gone + [$key => $this->loads[$key]];
            $bits = array_sum(array_map(fn (int $each): int => 1 << $each, array_keys($without)));
            if (! isset($this->seen[$bits])) {
                $this->seen[$bits] = true;
                $worth = array_sum(array_map(fn (TurnLoad $load): float => $load->worth, $without));
                $takes = array_sum(array_map(
                    fn (TurnLoad $load): float => $load->needSlots * max($load->aAmps, $load->bAmps), $without,
                ));
                $this->queue->insert([$worth, -$takes, $bits]);
            }
        }
    }
}
