<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

/** What a finding says, like a colleague: what is wrong, why it matters, what to do. */
final readonly class Said
{
    public function __construct(public string $what, public string $why, public string $do)
    {
    }
}
