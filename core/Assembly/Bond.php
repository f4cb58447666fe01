<?php

declare(strict_types=1);

namespace Underpin\Assembly;

/** Where neutral and ground meet. */
final readonly class Bond implements Element
{
    /**
     * @param  string  $id  unique in its assembly
     * @param  string  $at  id of the component; "service": one that is no part of this work
     * @param  list<Line>  $lines  what the wire table says of it
     */
    public function __construct(public string $id, public string $at, public array $lines = [])
    {
    }

    public function id(): string
    {
        return $this->id;
    }

    public function says(): array
    {
        return $this->lines;
    }
}
