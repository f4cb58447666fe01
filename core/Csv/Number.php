<?php

declare(strict_types=1);

namespace Underpin\Csv;

/** Numbers as people write them in a table: "1,920", "1 920", "1'920", "0,98", "1920 W". */
final class Number
{
    /** Null when it is no number. */
    public static function read(string $text): ?float
    {
        $text = (string) preg_replace("/[\\s\u{A0}\u{202F}']+/u", '', $text);
        $text = (string) preg_replace('/(W|A|VA)$/i', '', $text);
        if (preg_match('/^[+\-]?\d{1,3}(,\d{3})+(\.\d+)?$/', $text) === 1 && preg_match('/^[+\-]?0,/', $text) !== 1) {
            $text = str_replace(',', '', $text);
        } elseif (preg_match('/^[+\-]?\d+,\d+$/', $text) === 1) {
            $text = str_replace(',', '.', $text);
        }

        return preg_match('/^[+\-]?(\d+\.?\d*|\.\d+)$/', $text) === 1 && strlen($text) < 30 ? (float) $text : null;
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
