<?php

declare(strict_types=1);

namespace Underpin\Job;

/** Whether the machine ties neutral to its frame. */
enum GeneratorNeutral: string
{
    case Bonded = 'bonded';
    case Floating = 'floating';
}
