<?php

declare(strict_types=1);

namespace Underpin\Job;

/** The half of the year in which a load runs. */
enum Season: string
{
    case Winter = 'winter';
    case Summer = 'summer';
}
