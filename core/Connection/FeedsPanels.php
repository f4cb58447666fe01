<?php

declare(strict_types=1);

namespace Underpin\Connection;

/** A way that brings the generator to whole panels: any circuit behind them can be chosen, breaker by breaker, by a person. */
trait FeedsPanels
{
    use ReachesPanels;

    public function switchesNeutral(Situation $situation): ?bool
    {
        return false;
    }

    public function leavesToChoose(Situation $situation): array
    {
        return [];
    }

    public function transfersByItself(): bool
    {
        return false;
    }

    public function unload(): string
    {
        return 'turn off every circuit breaker, then the generator breaker.';
    }
}
