<?php

declare(strict_types=1);

namespace Underpin\Job;

/** A paper that was sent to somebody, and what came back. */
final readonly class SentPaper
{
    /**
     * @param  string  $paper  key of the paper, or what it was
     * @param  string  $on  sent on, YYYY-MM-DD
     * @param  string  $backOn  the day of the answer; empty: none yet
     * @param  ?bool  $granted  what was asked for is granted; null: not said yet
     */
    public function __construct(
        public string $id, public string $paper, public string $to, public string $on, public string $backOn = '',
        public ?bool $granted = null, public string $note = '',
    ) {
    }
}
