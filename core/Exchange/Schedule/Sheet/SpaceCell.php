<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule\Sheet;

use Underpin\Job\Half;
use Underpin\Job\Position;

/**
 * Where a breaker sits, as people write it: "5", "5-7", "5,7", "5 & 7", "12A", "12A/12B", "5a-7b",
 * "Ckt 5", and "9-Nov", which is what a spreadsheet makes of 9-11.
 */
final readonly class SpaceCell
{
    private const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

    /** As a spreadsheet stores a day, with or without its time. */
    private const STORED = '/^\d{4}-(\d{2})-(\d{2})(?:[t ]?\d{2}:?\d{2}(?::?\d{2})?)?$/';

    /**
     * @param  non-empty-list<?Half>  $halves  of its space: one, or both where both breakers of a tandem stand in one row
     * @param  ?string  $doubt  what it was taken for, where somebody should look
     */
    private function __construct(public int $space, public bool $isPair, public array $halves = [null], public ?string $doubt = null)
    {
    }

    /** Null: it names no space. */
    public static function read(string $cell): ?self
    {
        $plain = str_replace([' ', "\u{A0}"], '', mb_strtolower($cell));
        $plain = (string) preg_replace('/^(?:circuit|ckt|cct|cir|space|pos|no|nr|#)(?![a-z])[.:#\-]*/', '', $plain);
        $plain = rtrim((string) preg_replace('/and|&|\+|–|—|\bto\b/u', '-', $plain), '.:)');

        return self::single($plain) ?? self::pair($plain) ?? self::tandem($plain) ?? self::date($plain, $cell);
    }

    /** @return list<int> every space that it takes */
    public function spaces(): array
    {
        return $this->isPair ? [$this->space, $this->space + 2] : [$this->space];
    }

    private static function single(string $plain): ?self
    {
        return preg_match('/^(\d{1,3})([ab]?)$/', $plain, $found) === 1 && self::isSpace((int) $found[1])
            ? new self((int) $found[1], false, [Half::tryFrom($found[2])])
            : null;
    }

    private static function pair(string $plain): ?self
    {
        if (preg_match('/^(\d{1,3})([ab]?)[\-\/,;](\d{1,3})([ab]?)$/', $plain, $found) !== 1) {
            return null;
        }
        [$first, $second] = [(int) $found[1], (int) $found[3]];
        $half = Half::tryFrom($found[2]);
        $fits = $half === null ? $found[4] === '' : $half->other()->value === $found[4];

        return $second === $first + 2 && self::isSpace($first) && $fits ? new self($first, true, [$half]) : null;
    }

    /** Both breakers of a tandem in one row. */
    private static function tandem(string $plain): ?self
    {
        return preg_match('/^(\d{1,3})a[\-\/,;](?:\1)?b$/', $plain, $found) === 1 && self::isSpace((int) $found[1])
            ? new self((int) $found[1], false, [Half::Upper, Half::Lower])
            : null;
    }

    /** A day and a month that are the two spaces of a pair. */
    private static function date(string $plain, string $cell): ?self
    {
        $months = implode('|', self::MONTHS);
        $numbers = match (true) {
            preg_match("/^(\\d{1,2})[\\-.\\/]*($months)[a-z]*[\\-.\\/]*(?:\\d{2,4})?$/", $plain, $found) === 1,
            preg_match("/^(?<m>$months)[a-z]*[\\-.\\/]*(?<d>\\d{1,2})$/", $plain, $found) === 1 => [
                (int) ($found['d'] ?? $found[1]), (int) array_search($found['m'] ?? $found[2], self::MONTHS, true) + 1,
            ],
            preg_match(self::STORED, $plain, $found) === 1 => [(int) $found[1], (int) $found[2]],
            preg_match('/^(\d{1,2})\/(\d{1,2})\/\d{2,4}$/', $plain, $found) === 1 => [(int) $found[1], (int) $found[2]],
            default => [],
        };
        sort($numbers);

        return $numbers !== [] && $numbers[1] === $numbers[0] + 2
            ? new self($numbers[0], true, [null], sprintf(
                '"%s" was taken as spaces %d–%d: a spreadsheet writes a date for %d-%d.', trim($cell), $numbers[0], $numbers[1],
                $numbers[0], $numbers[1],
            ))
            : null;
    }

    private static function isSpace(int $number): bool
    {
        return $number >= 1 && $number <= Position::HIGHEST_SPACE;
    }
}
