<?php

declare(strict_types=1);

namespace Underpin\Job;

/** How the run from the inlet to the panel is laid. */
enum WiringMethod: string
{
    case Cable = 'NM';
    case Conduit = 'conduit';

    /** NM cable is used at its 60 °C column (334.80), THWN-2 in conduit at 75 °C here. */
    public function insulationC(): int
    {
        return $this === self::Cable ? 60 : 75;
    }

    public function words(): string
    {
        return $this === self::Cable ? 'NM cable, dry places only' : 'THWN-2 in conduit';
    }
}
