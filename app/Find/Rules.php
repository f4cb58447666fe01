<?php

declare(strict_types=1);

namespace App\Find;

use App\Models\Job;
use App\Models\User;

/** Sections that the program cites, by number or by what they say. */
final class Rules implements Place
{
    private const MOST = 8;

    public function find(string $text, User $user, ?Job $open): array
    {
        $found = [];
        foreach (self::sections() as [$section, $says, $for]) {
            if (str_contains(mb_strtolower($section), mb_strtolower($text)) || Words::match($text, $says, $for)) {
                $found[] = new Found("$section: $says", 'rule', route('help').'#'.self::anchor($section));
            }
        }
        usort($found, fn (Found $x, Found $y): int => str_starts_with($y->words, $text) <=> str_starts_with($x->words, $text));

        return array_slice($found, 0, self::MOST);
    }

    /** @return list<array{string, string, string}> section, what it says, what it is cited for: as the docs list them */
    public static function sections(): array
    {
        $list = strstr((string) file_get_contents(base_path('docs/rules.md')), '## Sections cited') ?: '';
        preg_match_all('/^\| ([^|]+?) \| ([^|]+?) \| ([^|]+?) \|$/m', $list, $rows, PREG_SET_ORDER);

        return array_values(array_map(fn (array $row): array => [$row[1], $row[2], $row[3]], array_filter(
            $rows, fn (array $row): bool => $row[1] !== 'section' && ! str_starts_with($row[1], '---'),
        )));
    }

    public static function anchor(string $section): string
    {
        return 'section-'.trim((string) preg_replace('/[^A-Za-z0-9.]+/', '-', $section), '-');
    }
}
