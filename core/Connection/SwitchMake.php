<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Task;

/** A switch between what feeds a panel and the panel, as it is made and sold. */
enum SwitchMake: string
{
    case Manual = 'Manual whole-house switch';
    case Automatic = 'Automatic transfer switch';
    case Service = 'Automatic service-entrance switch';

    /** @param  ?int  $amps  its rating; null: not known */
    public function task(?int $amps): Task
    {
        $isLarge = $amps > 200;

        return match ($this) {
            self::Manual => $isLarge ? Task::WholeHouse400 : Task::WholeHouse200,
            self::Service => $isLarge ? Task::ServiceAutomatic400 : Task::ServiceAutomatic200,
            self::Automatic => match (true) {
                $isLarge => Task::Automatic400,
                $amps > 100 => Task::Automatic200,
                default => Task::Automatic100,
            },
        };
    }
}
