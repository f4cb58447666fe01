<?php

declare(strict_types=1);

namespace Underpin\Checklist;

/** What the machine is doing while something is read. */
enum Condition: string
{
    case Standing = 'standing';
    case NoLoad = 'no-load';

    /** the starting battery turns the engine */
    case Cranking = 'cranking';

    /** nothing but a lamp on leg A */
    case Lamp = 'lamp';

    /** the largest motor starts, last */
    case MotorStart = 'motor-start';
    case Loaded = 'loaded';
}
