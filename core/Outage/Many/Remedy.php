<?php

declare(strict_types=1);

namespace Underpin\Outage\Many;

use Underpin\Outage\Alternative;

/** One change, tried on outages that had an overload. */
final readonly class Remedy
{
    /**
     * @param  bool  $keepsAll  nothing has to stay off for it
     * @param  int  $tried  on so many of them
     * @param  int  $still  that have one still
     */
    public function __construct(public string $key, public string $words, public bool $keepsAll, public int $tried, public int $still)
    {
    }

    public static function of(Alternative $alternative, int $tried, int $still): self
    {
        return new self(
            $alternative->key, $alternative->words, $alternative->trial->without === [], $tried, $still,
        );
    }

    /** Outages out of a hundred that it mends. */
    public function mendedPct(): float
    {
        return $this->tried === 0 ? 0.0 : 100 * ($this->tried - $this->still) / $this->tried;
    }
}
