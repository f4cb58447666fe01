<?php

declare(strict_types=1);

namespace Underpin\Connection;

/** One thing for the owner to do, in plain words, and why it stands here where that helps. */
final readonly class OwnerStep
{
    public function __construct(public string $do, public string $because = '')
    {
    }
}
