<?php

declare(strict_types=1);

namespace Underpin\Drawing;

/** Which way the lines of a hatch run, read from left to right, at 45 degrees. */
enum Slope
{
    case Rising;
    case Falling;
}
