<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** What a conductor is made of. */
enum Material: string
{
    case Copper = 'cu';
    case Aluminium = 'al';

    public function words(): string
    {
        return $this === self::Copper ? 'copper' : 'aluminum';
    }
}
