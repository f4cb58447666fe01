<?php

declare(strict_types=1);

namespace Underpin\Job\Work;

/** The owner, or whoever may be home, did the whole change-over alone from the card: how long it took, and what went wrong. */
final readonly class DryRun
{
    /** Longer than a day is no run of the card. */
    public const MOST_MIN = 1_440.0;

    public const MOST_MISTAKES = 999;

    /**
     * @param  string  $on  YYYY-MM-DD
     * @param  string  $who  name of who did it
     * @param  bool  $onScreen  in the rehearsal; else at the panel itself
     */
    public function __construct(
        public string $id, public string $on, public string $who, public float $minutes, public int $mistakes, public string $note = '',
        public bool $onScreen = false,
    ) {
    }
}
