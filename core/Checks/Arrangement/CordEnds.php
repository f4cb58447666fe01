<?php

declare(strict_types=1);

namespace Underpin\Checks\Arrangement;

/** What is at the two ends of a cord: at the machine, and at the house. */
enum CordEnds: string
{
    case MaleFemale = 'male_female';
    case MaleMale = 'male_male';
    case HardWired = 'hardwired';
}
