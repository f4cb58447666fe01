<?php

declare(strict_types=1);

namespace Underpin\Exchange\Grid;

/** Which breaker and which load a line speaks of: "c12/l3", "c12/" without a load, "c12/new 2" for one more, "new 4" for a new breaker. */
final readonly class GridKey
{
    private const FRESH = 'new ';

    public function __construct(public string $circuit, public string $load)
    {
    }

    public static function read(string $key): self
    {
        [$circuit, $load] = [...explode('/', $key, 2), ''];

        return new self(str_starts_with($circuit, self::FRESH) ? '' : $circuit, str_starts_with($load, self::FRESH) ? '' : $load);
    }

    public function isNewBreaker(): bool
    {
        return $this->circuit === '';
    }

    public function words(): string
    {
        return "$this->circuit/$this->load";
    }
}
