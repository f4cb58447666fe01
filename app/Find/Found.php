<?php

declare(strict_types=1);

namespace App\Find;

/** Something that was found, and where it leads. */
final readonly class Found
{
    /** @param  string  $kind  what it is, in a word or two */
    public function __construct(public string $words, public string $kind, public string $url)
    {
    }
}
