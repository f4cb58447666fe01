<?php

declare(strict_types=1);

namespace Underpin\Assembly;

/** Where neutral and ground meet, as far as this assembly decides it. */
final readonly class Bond
{
    /** @param  list<Line>  $lines  what the wire table says of it */
    public function __construct(public string $at, public bool $atGenerator, public array $lines = [])
    {
    }
}
