<?php

declare(strict_types=1);

namespace App\JobFile;

use Underpin\Design\Design;
use Underpin\Job\Job;
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
            'waits_for' => $isOver ? null : self::waitsFor($design->job),
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

    /** The longest wait: for the customer's word on a quote, or for who was sent a paper. */
    private static function waitsFor(Job $job): ?string
    {
        // Only the last one can be answered: what a revision has replaced waits for nobody, though the revision was declined.
        $quote = $job->quotes->last();
        $open = $quote === null || $quote->answer !== null ? [] : [
            [$quote->on, "the customer, since $quote->on: {$quote->title()}, good until $quote->until"],
        ];
        foreach ($job->agreed->sent as $paper) {
            array_push($open, ...$paper->backOn === '' ? [[$paper->on, "$paper->to, since $paper->on"]] : []);
        }
        sort($open);

        return $open === [] ? null : mb_substr($open[0][1], 0, self::LONGEST);
    }
}
