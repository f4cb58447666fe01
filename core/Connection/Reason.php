<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Codebook\Source;

/** One thing that speaks for, against or beside a way of connecting, with where it comes from. */
final readonly class Reason
{
    /**
     * @param  string  $short  the same in a few words, for a table
     * @param  bool  $isChange  it can be done, once that is changed
     */
    private function __construct(
        public Possible $possible, public string $text, public Source $source, public string $short = '', public bool $isChange = false,
    ) {
    }

    public static function stops(string $text, Source $source, string $short = ''): self
    {
        return new self(Possible::No, $text, $source, $short);
    }

    /** Must be found out before anybody can say. */
    public static function open(string $text, Source $source, string $short = ''): self
    {
        return new self(Possible::NotKnown, $text, $source, $short);
    }

    /** It can be done, and that must be changed for it. */
    public static function change(string $text, Source $source, string $short): self
    {
        return new self(Possible::Yes, $text, $source, $short, true);
    }

    /** Holds, or is a condition of doing it. */
    public static function note(string $text, Source $source): self
    {
        return new self(Possible::Yes, $text, $source);
    }
}
