<?php

declare(strict_types=1);

namespace Underpin\Rehearsal;

/** What a handle did, in words. */
final readonly class Happening
{
    /** @param  bool  $isMistake  it would have hurt somebody or something */
    public function __construct(public int $atS, public string $words, public bool $isMistake = false)
    {
    }
}
