<?php

declare(strict_types=1);

namespace App\Find;

/** Whether what somebody typed is in some words: each of its words begins one of them. */
final class Words
{
    public static function match(string $typed, string ...$in): bool
    {
        $words = preg_split('/[^\p{L}\p{N}.()]+/u', mb_strtolower(implode(' ', $in))) ?: [];
        foreach (preg_split('/\s+/', mb_strtolower(trim($typed))) ?: [] as $begun) {
            if (array_filter($words, fn (string $word): bool => str_starts_with($word, $begun)) === []) {
                return false;
            }
        }

        return true;
    }
}
