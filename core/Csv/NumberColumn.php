<?php

declare(strict_types=1);

namespace Underpin\Csv;

/**
 * The numbers of one column of a table, whose decimal mark is found from all of them: "0,5" and "12,50"
 * have a comma, "0.5" and "1,234.5" a point, and "1,506" alone may be either. Then the delimiter
 * tells: between commas a comma parts thousands, between semicolons it is the decimal mark.
 */
final class NumberColumn
{
    /** as a value has shown, or a person has said */
    private ?DecimalMark $mark;

    /** as a value was read that either would read */
    private ?DecimalMark $taken = null;

    /** the first value that either mark would read, and nothing tells which */
    private ?string $open = null;

    /** values with a mark of either kind */
    private bool $hasMarks = false;

    public function __construct(private readonly string $delimiter, private readonly ?DecimalMark $told = null)
    {
        $this->mark = $told;
    }

    /**
     * The same column, with its mark found from these.
     *
     * @param  list<string>  $cells  those that are no number are passed over
     */
    public static function of(array $cells, string $delimiter, ?DecimalMark $told = null): self
    {
        $column = new self($delimiter, $told);
        try {
            foreach ($cells as $cell) {
                try {
                    $column->read($cell);
                } catch (MixedMarks) {
                    // It is said at its row.
                }
            }
        } catch (OtherMark $other) {
            return self::of($cells, $delimiter, $other->mark);
        }

        return $column;
    }

    /**
     * Null when it is no number.
     *
     * @throws OtherMark when values before it have to be read anew with another mark
     * @throws MixedMarks when it is a number with the other mark only
     */
    public function read(string $text): ?float
    {
        if (is_numeric($text) && ($this->mark === DecimalMark::Point || ! str_contains($text, '.'))) {
            return (float) $text;
        }
        $point = DecimalMark::Point->read($text) ?? (is_numeric($text) ? (float) $text : null);
        $comma = DecimalMark::Comma->read($text);
        if ($point === $comma) {
            return $point;
        }
        $this->hasMarks = true;
        if ($point === null || $comma === null) {
            $this->show($text, $point === null ? DecimalMark::Comma : DecimalMark::Point);

            return $point ?? $comma;
        }
        if ($this->mark === null) {
            $this->take($text, $this->byDelimiter($text));
        }

        return ($this->mark ?? $this->taken) === DecimalMark::Comma ? $comma : $point;
    }

    /** A value that may mean two numbers, where neither another value nor the delimiter nor a person tells which; null: none. */
    public function doubt(): ?string
    {
        return $this->mark === null ? $this->open : null;
    }

    /** Whether this one is such a value. */
    public function isOpen(string $text): bool
    {
        return $this->mark === null && $this->open !== null && DecimalMark::Point->read($text) !== DecimalMark::Comma->read($text);
    }

    /** Null where it makes no difference. */
    public function mark(): ?DecimalMark
    {
        return $this->hasMarks ? $this->mark ?? $this->taken : null;
    }

    /** What to say of a value that may be two. */
    public static function question(string $text): string
    {
        return sprintf(
            '"%s" may be %s or %s, and no other value tells which', mb_strimwidth(mb_scrub($text), 0, 40, '…'),
            Number::write(DecimalMark::Point->read($text)), Number::write(DecimalMark::Comma->read($text)),
        );
    }

    private function take(string $text, ?DecimalMark $told): void
    {
        if ($told !== null && $this->taken !== null && $this->taken !== $told) {
            throw new OtherMark($told);
        }
        $this->taken ??= $told ?? DecimalMark::Point;
        $this->open ??= $told === null ? $text : null;
    }

    private function show(string $text, DecimalMark $shown): void
    {
        if ($this->mark !== null && $this->mark !== $shown) {
            throw new MixedMarks($text, $this->mark);
        }
        if ($this->taken !== null && $this->taken !== $shown) {
            throw new OtherMark($shown);
        }
        $this->mark = $shown;
    }

    private function byDelimiter(string $text): ?DecimalMark
    {
        return match (true) {
            $this->delimiter === ',' => DecimalMark::Point,
            $this->delimiter === ';' && str_contains($text, ',') => DecimalMark::Comma,
            default => null,
        };
    }
}
