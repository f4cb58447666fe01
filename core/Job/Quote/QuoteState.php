<?php

declare(strict_types=1);

namespace Underpin\Job\Quote;

/** How a quote stands on a day. */
enum QuoteState: string
{
    case Open = 'open';
    case Lapsed = 'lapsed';
    case Replaced = 'replaced';
    case Accepted = 'accepted';
    case Declined = 'declined';
    case Withdrawn = 'withdrawn';

    public function words(): string
    {
        return match ($this) {
            self::Open => 'waits for an answer',
            self::Lapsed => 'lapsed without an answer',
            self::Replaced => 'replaced by a revision',
            self::Accepted => 'accepted',
            self::Declined => 'declined',
            self::Withdrawn => 'withdrawn',
        };
    }
}
