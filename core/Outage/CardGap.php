<?php

declare(strict_types=1);

namespace Underpin\Outage;

use Underpin\StageKey;

/** One reason why a switching card must not be handed over yet, and where it is mended. */
final readonly class CardGap
{
    /** @param  ?string  $circuitId  the circuit that it is about */
    public function __construct(public string $what, public StageKey $stage, public ?string $circuitId = null)
    {
    }
}
