<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** What a molded-case breaker lets through beyond its rating, in parts of it. UL 489: at 135 % it opens within two hours. */
final class Overload
{
    public const LASTING = 1.35;

    /** More than its magnetic part lets pass for longer than a moment; the common types open at once at five to ten times the rating. */
    public const MOMENTARY = 10.0;
}
