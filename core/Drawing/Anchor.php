<?php

declare(strict_types=1);

namespace Underpin\Drawing;

/** Which part of a line of text stands at its place. */
enum Anchor: string
{
    case Start = 'start';
    case Middle = 'middle';
    case End = 'end';
}
