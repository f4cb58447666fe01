<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Job\Circuit;
use Underpin\Legs\Leg;
use Underpin\Legs\LegBalancer;

/**
 * Which half of a 120/240 V machine's own outlets each cord goes to: the legs of the house say nothing of
 * that. What must run is laid out so that the halves carry the same, the rest after it onto the lighter one.
 */
final readonly class OutletHalves
{
    /** @param  array<string, Leg>  $legs  by id of the circuit with a blank before it */
    private function __construct(private array $legs)
    {
    }

    /**
     * @param  list<Circuit>  $must  that a cord can serve
     * @param  list<Circuit>  $room
     */
    public static function of(array $must, array $room): self
    {
        usort($must, fn (Circuit $x, Circuit $y): int => $y->runAmps() <=> $x->runAmps());
        $weighed = array_slice($must, 0, LegBalancer::MOST);
        $places = LegBalancer::balance(array_map(fn (Circuit $c): array => ['amps' => $c->runAmps(), 'leg' => null], $weighed));
        $legs = [];
        foreach ($weighed as $i => $circuit) {
            $legs[" $circuit->id"] = $places->legs[$i];
        }
        [$a, $b] = [$places->aAmps, $places->bAmps];
        foreach ([...array_slice($must, LegBalancer::MOST), ...$room] as $circuit) {
            $legs[" $circuit->id"] = $leg = $a <= $b ? Leg::A : Leg::B;
            $leg === Leg::A ? $a += $circuit->runAmps() : $b += $circuit->runAmps();
        }

        return new self($legs);
    }

    public function onItsHalf(Circuit $circuit): Circuit
    {
        $leg = $this->legs[" $circuit->id"] ?? null;

        return $leg === null ? $circuit : $circuit->with(switchedTo: $leg);
    }

    /**
     * @param  list<Circuit>  $circuits
     * @return list<string> names of those of one half
     */
    public function names(array $circuits, Leg $half): array
    {
        $on = array_filter($circuits, fn (Circuit $c): bool => ($this->legs[" $c->id"] ?? null) === $half);

        return array_values(array_map(fn (Circuit $c): string => $c->name, $on));
    }
}
