<?php

declare(strict_types=1);

namespace Underpin\Assembly;

use Underpin\Codebook\Source;

/** What a table says of one element: which part it is, what is picked, why, and by which rule. */
final readonly class Line
{
    public function __construct(public string $part, public string $pick, public string $why, public Source $source)
    {
    }
}
