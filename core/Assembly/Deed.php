<?php

declare(strict_types=1);

namespace Underpin\Assembly;

/** Work that sets no equipment of its own: a breaker that is moved, neutrals that are parted; what is used up by it. */
final readonly class Deed implements Element
{
    /**
     * @param  string  $id  unique in its assembly
     * @param  ?Task  $task  null: nothing but the part
     * @param  int  $count  how many times
     * @param  ?Part  $part  one is ordered for each; null: nothing is
     */
    public function __construct(
        public string $id, public ?Task $task, public int $count, public string $place, public ?Part $part = null,
    ) {
    }

    public function id(): string
    {
        return $this->id;
    }

    public function says(): array
    {
        return [];
    }
}
