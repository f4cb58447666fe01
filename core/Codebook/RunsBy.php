<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** What decides when a load goes on. */
enum RunsBy: string
{
    /** on as long as its breaker is */
    case Itself = 'all the time';
    /** a thermostat that asks for heat: more on a cold night */
    case Heat = 'heat';
    /** a thermostat that asks for cold: more on a hot day */
    case Cold = 'cold';
    /** water that is drawn */
    case Water = 'water';
    /** dark, and somebody awake */
    case Dark = 'darkness';
    /** somebody who is at home and awake */
    case People = 'people';
}
