<?php

declare(strict_types=1);

namespace Underpin\Sizing\Turns;

use Underpin\Dice;
use Underpin\Limit;

/**
 * A timetable for all of some loads, by mending: every load lies in its cheapest slots, where a slot over a limit has a price; one that
 * is in such a slot is taken out and laid anew, and slots that stay over become dearer. It finds one or gives up: it proves nothing.
 */
final class Repair
{
    /** What a slot over its limit costs, for being over at all and for each part of the limit. */
    private const BEING_OVER = 1.0;

    private const DEARER = 0.4;

    /** Prices between slots that are all within the limits: chance, so that the same two loads don't chase each other for ever. */
    private const CHANCE = 0.02;

    /** @var array<int, float> amperes on either leg in each slot */
    private array $a;

    /** @var array<int, float> */
    private array $b;

    /** @var array<int, float> how dear each slot has become */
    private array $dear;

    /** @var array<int, list<int>> slots of each load */
    private array $on = [];

    private readonly Dice $dice;

    /** @param  array<int, TurnLoad>  $loads  each of which fits by itself */
    private function __construct(private readonly Room $room, private readonly array $loads, private readonly Budget $budget, int $seed)
    {
        $this->a = $this->b = array_fill(0, $room->slots, 0.0);
        $this->dear = array_fill(0, $room->slots, 1.0);
        $this->dice = new Dice($seed);
    }

    /**
     * @param  array<int, TurnLoad>  $loads
     * @return ?array<int, list<int>> slots of each load by its key; null: none was found
     */
    public static function of(Room $room, array $loads, Budget $budget, int $seed = 1): ?array
    {
        $repair = new self($room, $loads, $budget, $seed);

        return $repair->begin() || $repair->mend() ? $repair->on : null;
    }

    /** The hardest first: large, and needed for most of its part of the time. */
    private function begin(): bool
    {
        $hard = array_map(
            fn (TurnLoad $load): float => $load->takes($this->room) / ($load->toSlot - $load->fromSlot), $this->loads,
        );
        arsort($hard);
        foreach (array_keys($hard) as $key) {
            $this->lay($key);
        }

        return $this->over() === [];
    }

    private function mend(): bool
    {
        while (! $this->budget->isSpent()) {
            $over = $this->over();
            if ($over === []) {
                return true;
            }
            foreach ($over as $slot) {
                $this->dear[$slot] += self::DEARER;
            }
            $slot = $over[(int) ($this->dice->next() * count($over))];
            $this->layAnew($slot);
        }

        return $this->over() === [];
    }

    /** One of the loads that are on in a slot, at random. */
    private function layAnew(int $slot): void
    {
        $there = array_keys(array_filter($this->on, fn (array $slots): bool => in_array($slot, $slots, true)));
        $this->budget->spend($this->room->slots);
        $key = $there[(int) ($this->dice->next() * count($there))];
        foreach ($this->on[$key] as $each) {
            $this->a[$each] -= $this->loads[$key]->aAmps;
            $this->b[$each] -= $this->loads[$key]->bAmps;
        }
        $this->lay($key);
    }

    private function lay(int $key): void
    {
        $load = $this->loads[$key];
        $this->on[$key] = Placing::cheapest($load, $this->prices($load), $this->budget);
        foreach ($this->on[$key] as $slot) {
            $this->a[$slot] += $load->aAmps;
            $this->b[$slot] += $load->bAmps;
        }
    }

    /** @return list<float> */
    private function prices(TurnLoad $load): array
    {
        $prices = [];
        [$freeA, $freeB] = [$this->room->aAmps, $this->room->bAmps];
        [$mostA, $mostB] = [$freeA + Limit::SLACK, $freeB + Limit::SLACK];
        for ($slot = 0; $slot < $this->room->slots; $slot++) {
            $price = self::CHANCE * $this->dice->next();
            $a = $this->a[$slot] + $load->aAmps;
            $b = $this->b[$slot] + $load->bAmps;
            if ($a > $mostA && $load->aAmps > 0) {
                $price += $this->dear[$slot] * (self::BEING_OVER + ($a - $freeA) / $freeA);
            }
            if ($b > $mostB && $load->bAmps > 0) {
                $price += $this->dear[$slot] * (self::BEING_OVER + ($b - $freeB) / $freeB);
            }
            $prices[] = $price;
        }
        $this->budget->spend($this->room->slots);

        return $prices;
    }

    /** @return list<int> slots that are over a limit */
    private function over(): array
    {
        $over = [];
        for ($slot = 0; $slot < $this->room->slots; $slot++) {
            if (! $this->room->takes($this->a[$slot], $this->b[$slot])) {
                $over[] = $slot;
            }
        }
        $this->budget->spend($this->room->slots);

        return $over;
    }
}
