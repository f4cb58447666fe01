<?php

declare(strict_types=1);

namespace Underpin\Connection;

/** How the generator comes to the loads. */
enum ConnectionKind: string
{
    case Interlock = 'interlock';
    case ManualSwitch = 'manual_switch';
    case Cords = 'cords';

    public function words(): string
    {
        return match ($this) {
            self::Interlock => 'interlock on the panel main',
            self::ManualSwitch => 'multi-circuit manual transfer switch',
            self::Cords => 'extension cords only',
        };
    }
}
