<?php

declare(strict_types=1);

namespace Underpin\Assembly;

/** The colour of a conductor's insulation, as it is said. */
enum WireColour: string
{
    case Black = 'black';
    case Red = 'red';
    case White = 'white';
    case Green = 'green or bare';
    case Marked = 'as the instructions mark it';
}
