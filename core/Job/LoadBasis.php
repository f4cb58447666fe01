<?php

declare(strict_types=1);

namespace Underpin\Job;

/** Three ways to know what a house draws. One of them is what sizing uses. */
enum LoadBasis: string
{
    case List = 'list';
    case Measure = 'measure';
    case Calculate = 'calculate';

    public function words(): string
    {
        return match ($this) {
            self::List => 'the load list',
            self::Measure => 'what was measured, and the list where nothing was',
            self::Calculate => 'the code\'s load calculation, or the list where that is higher',
        };
    }
}
