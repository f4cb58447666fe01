<?php

declare(strict_types=1);

namespace Underpin\Papers;

use Underpin\Drawing\Drawing;

/** A piece of a paper: one of them is filled. */
final readonly class Block
{
    /**
     * @param  list<list<string>>  $rows  of a table, its heading first
     * @param  ?int  $sum  the row of the table that is the sum of others
     * @param  list<string>  $lines  to be signed or filled in by hand
     */
    private function __construct(
        public string $heading = '', public string $words = '', public array $rows = [], public ?Drawing $drawing = null,
        public array $lines = [], public bool $isWarning = false, public ?Drawing $mark = null, public ?int $sum = null,
    ) {
    }

    public static function heading(string $words): self
    {
        return new self(heading: $words);
    }

    public static function words(string $words): self
    {
        return new self(words: $words);
    }

    /** That must not be overlooked. */
    public static function warning(string $words): self
    {
        return new self(words: $words, isWarning: true);
    }

    /**
     * @param  list<list<string>>  $rows  its heading first
     * @param  ?int  $sum  the row that is the sum of others
     */
    public static function table(array $rows, ?int $sum = null): self
    {
        return new self(rows: $rows, sum: $sum);
    }

    /** On a sheet of its own. */
    public static function drawing(Drawing $drawing): self
    {
        return new self(drawing: $drawing);
    }

    /** Small, between the words: a signature. */
    public static function mark(Drawing $drawing): self
    {
        return new self(mark: $drawing);
    }

    /** To be filled in or signed by hand. */
    public static function toFill(string ...$lines): self
    {
        return new self(lines: array_values($lines));
    }
}
