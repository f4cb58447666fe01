<?php

declare(strict_types=1);

namespace Underpin\Install;

use Underpin\Assembly\Task;
use Underpin\Design\Design;
use Underpin\Job\Quote\LineKind;

/** Hours worked on each task beside those of the quote that the job is built by. */
final readonly class HoursAgainstQuote
{
    /**
     * @param  string  $task  its word in a price book
     * @param  ?float  $quoted  null: the quote has no such task, or there is none
     */
    private function __construct(public string $task, public string $words, public ?float $quoted, public float $worked)
    {
    }

    /** Hours over those of the quote; none: within it, or not quoted. */
    public function over(): float
    {
        return $this->quoted === null ? 0.0 : max(0.0, $this->worked - $this->quoted);
    }

    /** @return list<self> every task that was quoted or worked on, in the order of the quote */
    public static function of(Design $design): array
    {
        $quote = $design->job->quotes->standing();
        $way = $quote?->answer->way ?? $design->way()?->key();
        $quoted = [];
        foreach ($quote->ways ?? [] as $each) {
            foreach ($each->way === $way ? $each->lines : [] as $line) {
                if ($line->kind === LineKind::Work && $line->hours !== null) {
                    $quoted[$line->key] = $line->hours;
                }
            }
        }
        $worked = [];
        foreach ($design->job->work->hours as $hours) {
            $worked[$hours->task] = ($worked[$hours->task] ?? 0.0) + $hours->hours;
        }

        return array_map(fn (string $task): self => new self(
            $task, ucfirst(Task::tryFrom($task)?->words() ?? $task), $quoted[$task] ?? null, $worked[$task] ?? 0.0,
        ), array_map(strval(...), array_keys($quoted + $worked)));
    }
}
