<?php

declare(strict_types=1);

namespace Underpin\Csv;

/** Numbers as people write them in a table: "1,920", "1 920", "1'920", "0,98", "1920 W". */
final class Number
{
    /** One alone, without others beside it that would tell its decimal mark: as it is written here, else as elsewhere. Null: no number. */
    public static function read(string $text): ?float
    {
        return DecimalMark::Point->read($text) ?? DecimalMark::Comma->read($text);
    }

    /** As short as it can be without loss: 1920, 0.98. */
    public static function write(?float $number): string
    {
        return match (true) {
            $number === null => '',
            floor($number) === $number && abs($number) < 1e15 => (string) (int) $number,
            default => (string) json_encode($number),
        };
    }
}
