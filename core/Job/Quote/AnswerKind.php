<?php

declare(strict_types=1);

namespace Underpin\Job\Quote;

/** What became of a quote. */
enum AnswerKind: string
{
    case Accepted = 'accepted';
    case Declined = 'declined';
    case Withdrawn = 'withdrawn';

    public function words(): string
    {
        return match ($this) {
            self::Accepted => 'accepted',
            self::Declined => 'declined by the customer',
            self::Withdrawn => 'withdrawn by us',
        };
    }
}
