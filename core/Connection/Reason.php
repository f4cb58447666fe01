<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Codebook\Source;

/** One thing that speaks for, against or beside a way of connecting, with where it comes from. */
final readonly class Reason
{
    private function __construct(public Possible $possible, public string $text, public Source $source)
    {
    }

    public static function stops(string $text, Source $source): self
    {
        return new self(Possible::No, $text, $source);
    }

    /** Must be found out before anybody can say. */
    public static function open(string $text, Source $source): self
    {
        return new self(Possible::NotKnown, $text, $source);
    }

    /** Holds, or is a condition of doing it. */
    public static function note(string $text, Source $source): self
    {
        return new self(Possible::Yes, $text, $source);
    }
}
