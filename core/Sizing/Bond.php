<?php

declare(strict_types=1);

namespace Underpin\Sizing;

/** Whether the machine ties neutral to its frame. */
enum Bond: string
{
    case Bonded = 'bonded';
    case Floating = 'floating';
}
