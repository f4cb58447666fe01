<?php

declare(strict_types=1);

namespace App\Photos;

/** What a photo shows. */
enum PhotoOf: string
{
    case Stage = 'stage';
    case Panel = 'panel';
    case Circuit = 'circuit';

    /** a step of the work */
    case Step = 'step';
}
