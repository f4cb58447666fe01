<?php

declare(strict_types=1);

namespace Underpin\Checks\Arrangement;

/** How the fixed conductors are laid. */
enum RunMethod: string
{
    case Nm = 'NM';
    case Conduit = 'conduit';
    case DirectBurial = 'direct_burial';
    case Se = 'SE';
    case Mc = 'MC';

    /** °C that the insulation stands, as the contract counts it. */
    public function insulationC(): int
    {
        return match ($this) {
            self::Nm, self::DirectBurial => 60,
            self::Conduit, self::Se, self::Mc => 75,
        };
    }
}
