<?php

declare(strict_types=1);

namespace Underpin\Outage;

/** One thing to do, in plain words, and why it stands here where that helps. */
final readonly class CardStep
{
    public function __construct(public string $do, public string $because = '')
    {
    }
}
