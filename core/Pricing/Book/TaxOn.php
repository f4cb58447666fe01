<?php

declare(strict_types=1);

namespace Underpin\Pricing\Book;

/** What the sales tax is taken on, as the state says. */
enum TaxOn: string
{
    case Parts = 'parts';
    case All = 'all';

    public function words(): string
    {
        return match ($this) {
            self::Parts => 'on parts',
            self::All => 'on everything',
        };
    }
}
