<?php

declare(strict_types=1);

namespace Underpin\Sizing\Turns;

/** Who is on in which slots, within both legs in every one of them. */
final readonly class Timetable
{
    public float $worth;

    /** highest amperes over the slots, with what is on all the time */
    public float $peakAAmps;

    public float $peakBAmps;

    /**
     * @param  list<TurnLoad>  $served  in the order in which they were given
     * @param  list<TurnLoad>  $unserved  the same
     * @param  list<list<array{int, int}>>  $runs  of each that is served, half open and rising
     * @param  bool  $isProven  no timetable serves a higher worth
     */
    public function __construct(Room $room, public array $served, public array $unserved, public array $runs, public bool $isProven)
    {
        $this->worth = (float) array_sum(array_map(fn (TurnLoad $load): float => $load->worth, $served));
        $a = array_fill(0, $room->slots, $room->baseAAmps);
        $b = array_fill(0, $room->slots, $room->baseBAmps);
        foreach ($served as $i => $load) {
            foreach ($runs[$i] as [$from, $to]) {
                for ($slot = $from; $slot < $to; $slot++) {
                    $a[$slot] += $load->aAmps;
                    $b[$slot] += $load->bAmps;
                }
            }
        }
        $this->peakAAmps = max($room->baseAAmps, ...$a);
        $this->peakBAmps = max($room->baseBAmps, ...$b);
    }
}
