<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** Where a portable machine may run. Good practice: carbon monoxide. */
final class PortablePlace
{
    /** From the building and every opening, the neighbors' too: a floor, not a promise. */
    public const HOUSE_FT = 20.0;
}
