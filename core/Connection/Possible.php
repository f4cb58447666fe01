<?php

declare(strict_types=1);

namespace Underpin\Connection;

enum Possible: string
{
    case Yes = 'yes';
    case No = 'no';
    case NotKnown = 'not known';

    public function words(): string
    {
        return match ($this) {
            self::Yes => 'Possible here',
            self::No => 'Not possible here',
            self::NotKnown => 'Not known yet',
        };
    }
}
