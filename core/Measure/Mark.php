<?php

declare(strict_types=1);

namespace Underpin\Measure;

/** What a person said was switched, and when. */
final readonly class Mark
{
    /** @param  ?string  $circuitId  null: not said which circuit */
    public function __construct(public int $atMs, public string $said, public ?string $circuitId = null)
    {
    }
}
