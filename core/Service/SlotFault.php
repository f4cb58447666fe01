<?php

declare(strict_types=1);

namespace Underpin\Service;

/** A circuit, by its place in the panel's list, that cannot sit where it is said to. */
final readonly class SlotFault
{
    public function __construct(public int $circuit, public string $field, public string $message)
    {
    }
}
