<?php

declare(strict_types=1);

namespace Underpin\Connection;

/** What becomes of the utility's meter while the work is done. Only the utility can make the conductors at it dead. */
enum MeterWork: string
{
    case Stays = 'stays';
    case Pulled = 'pulled';
    case Adapter = 'adapter';
    case NotKnown = 'not_known';

    /** In a table. */
    public function words(): string
    {
        return match ($this) {
            self::Stays => 'stays',
            self::Pulled => 'pulled, by the utility',
            self::Adapter => 'the utility sets the adapter',
            self::NotKnown => 'not known',
        };
    }

    public function asksTheUtility(): bool
    {
        return $this === self::Pulled || $this === self::Adapter;
    }
}
