<?php

declare(strict_types=1);

namespace Underpin\Assembly;

/** Anything of the thing that will be built. */
interface Element
{
    /** Unique in its assembly. */
    public function id(): string;

    /** @return list<Line> what the wire table says of it */
    public function says(): array;
}
