<?php

declare(strict_types=1);

namespace Underpin\Drawing;

/** What of a job a link of a drawing leads to; a page knows the address. */
final readonly class Spot
{
    private function __construct(public ?string $circuit, public ?string $panel, public ?int $space)
    {
    }

    public static function circuit(string $id): self
    {
        return new self($id, null, null);
    }

    public static function space(string $panel, int $space): self
    {
        return new self(null, $panel, $space);
    }
}
