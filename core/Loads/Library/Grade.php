<?php

declare(strict_types=1);

namespace Underpin\Loads\Library;

/** How much of a typical load is meant: what most of its kind draw, and the ends of what is met. */
enum Grade: string
{
    case Low = 'low';
    case Usual = 'usual';
    case High = 'high';
}
