<?php

declare(strict_types=1);

namespace Underpin\Outage\Simulation;

use Closure;
use Underpin\Limit;
use Underpin\Outage\House\House;

/** What sheds loads in an outage that is acted out: the next in its order when a leg is over its limit, and back when there is room. */
final class Shedding
{
    /** Seconds above the limit after which a load is shed, if nothing has acted before. */
    private const AFTER_S = 0.2;

    /** since when a leg is over its limit, in seconds */
    private float $overS = INF;

    /** @param  Closure(int): void  $bringOn  the circuit at a place of the house */
    public function __construct(
        private readonly House $house, private readonly LoadStates $loads, private readonly OutageClock $clock,
        private readonly OutageLog $log, private readonly Closure $bringOn,
    ) {
    }

    /** The legs as they are now, in amperes. */
    public function carry(float $a, float $b): void
    {
        $isOver = Limit::over(max($a, $b), $this->house->supply->runLimitAmps()) && $this->next() !== null;
        $this->overS = $isOver ? min($this->overS, $this->clock->nowS()) : INF;
    }

    /** @return float the moment at which it sheds, in seconds; INF: not as things are */
    public function actsAtS(): float
    {
        return $this->overS + self::AFTER_S;
    }

    public function act(): void
    {
        $place = $this->next();
        if ($place !== null) {
            $this->loads->dead($place, $this->clock->nowS());
            $this->overS = INF;
            $this->log->moment($this->clock->nowS(), MomentKind::Shed, "{$this->house->circuits[$place]->title} is shed.", $place);
            $this->planBack($place);
        }
    }

    /** Place of what is shed next; null: there is nothing more. */
    private function next(): ?int
    {
        foreach ($this->house->shedding as $place) {
            if ($this->loads->isLive($place)) {
                return $place;
            }
        }

        return null;
    }

    private function planBack(int $place): void
    {
        $delayS = max(1.0, (float) ($this->house->circuits[$place]->shed->delayS ?? 0));
        $this->clock->whilePowered($delayS, fn () => $this->back($place));
    }

    private function back(int $place): void
    {
        [, $a, $b] = $this->loads->sum();
        $circuit = $this->house->circuits[$place];
        if (Limit::over(max($a, $b) + $circuit->runAmps, $this->house->supply->runLimitAmps())) {
            $this->planBack($place);

            return;
        }
        $this->log->moment($this->clock->nowS(), MomentKind::ShedBack, "$circuit->title is back.", $place);
        ($this->bringOn)($place);
    }
}
