<?php

declare(strict_types=1);

namespace App\JobFile;

use Underpin\Design\Design;
use Underpin\Job\SentPaper;
use Underpin\Keep\Care;
use Underpin\Keep\CareItem;

/** What the board of all jobs asks of each: what is due, the day of the work, who is waited for. */
final class BoardColumns
{
    private const LONGEST = 200;

    /** @return array{dues: ?list<array<string, string>>, next_due: ?string, install_on: ?string, waits_for: ?string} */
    public static function of(Design $design): array
    {
        $agreed = $design->job->agreed;
        $isOver = $agreed->step('hand-over')->doneOn !== '';
        $dues = self::dues($design, $isOver);

        return [
            'dues' => $dues === [] ? null : $dues, 'next_due' => $dues[0]['on'] ?? null,
            'install_on' => $isOver || $agreed->installOn === '' ? null : $agreed->installOn,
            'waits_for' => $isOver ? null : self::waitsFor($agreed->sent),
        ];
    }

    /** @return list<array<string, string>> the soonest first; none: nothing of it stands there yet */
    private static function dues(Design $design, bool $isOver): array
    {
        if (! $isOver && $design->job->log->entries === []) {
            return [];
        }
        $dated = array_filter((new Care($design, now()->toDateString()))->items(), fn (CareItem $item): bool => $item->dueOn !== null);

        return array_values(array_map(fn (CareItem $item): array => [
            'key' => $item->key, 'title' => $item->title, 'of' => $item->of, 'on' => (string) $item->dueOn,
        ], $dated));
    }

    /** @param  list<SentPaper>  $sent */
    private static function waitsFor(array $sent): ?string
    {
        $open = array_values(array_filter($sent, fn (SentPaper $paper): bool => $paper->backOn === ''));
        usort($open, fn (SentPaper $x, SentPaper $y): int => $x->on <=> $y->on);

        return $open === [] ? null : mb_substr("{$open[0]->to}, since {$open[0]->on}", 0, self::LONGEST);
    }
}
