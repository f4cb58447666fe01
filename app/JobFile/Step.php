<?php

declare(strict_types=1);

namespace App\JobFile;

use App\Models\Job;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use stdClass;

/** The head of an event in a job's ledger, without what it changed: that may be large, and no page shows it. */
final readonly class Step
{
    private const COLUMNS = ['seq', 'by', 'label', 'undo_top', 'redo_top', 'created_at'];

    /**
     * @param  ?int  $undoTop  the step that can be taken back after this one
     * @param  ?int  $redoTop  the one that can be done again
     */
    public function __construct(
        public int $seq,
        public string $by,
        public string $label,
        public Carbon $at,
        public ?int $undoTop,
        public ?int $redoTop,
    ) {
    }

    public static function last(Job $job): ?self
    {
        $row = self::rows($job)->orderByDesc('seq')->first(self::COLUMNS);

        return $row === null ? null : self::of($row);
    }

    /**
     * @param  list<int>  $seqs
     * @return array<int, self> by seq
     */
    public static function at(Job $job, array $seqs): array
    {
        $steps = [];
        foreach (self::rows($job)->whereIn('seq', $seqs)->get(self::COLUMNS) as $row) {
            $steps[$row->seq] = self::of($row);
        }

        return $steps;
    }

    /** It is the next that can be taken back, and nothing can be done again: a change that nobody did before. */
    public function isAnew(): bool
    {
        return $this->undoTop === $this->seq && $this->redoTop === null;
    }

    private static function rows(Job $job): Builder
    {
        return DB::table('job_events')->where('job_id', $job->id);
    }

    private static function of(stdClass $row): self
    {
        return new self($row->seq, $row->by, $row->label, Carbon::parse($row->created_at), $row->undo_top, $row->redo_top);
    }
}
