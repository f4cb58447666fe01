<?php

declare(strict_types=1);

namespace Underpin\Drawing;

/** What of a job a link of a drawing leads to; a page knows the address. */
final readonly class Spot
{
    private function __construct(public ?string $circuit, public ?string $panel, public ?int $space, public ?string $part = null,
        public ?string $onPlan = null, public ?string $candidate = null)
    {
    }

    /** A machine on a fuel that is compared with others: its row of the table. */
    public static function candidate(string $id): self
    {
        return new self(null, null, null, null, null, $id);
    }

    /** A part of the thing that will be built, by its id: its row of the wire table. */
    public static function part(string $id): self
    {
        return new self(null, null, null, $id);
    }

    /** What stands on the site plan, by its id: where it is described. */
    public static function onPlan(string $id): self
    {
        return new self(null, null, null, null, $id);
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
