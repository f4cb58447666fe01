<?php

declare(strict_types=1);

namespace App\Outages;

use App\Models\Job;
use App\Models\Run;
use App\Runs\Runs;
use App\Runs\RunState;
use Underpin\Job\Job as JobFile;
use Underpin\Loads\Plan;
use Underpin\Outage\Many\Tally;
use Underpin\Say;
use Underpin\Sizing\Supply;

/** The load that the last thousand outages found for the machine that is picked, as long as the job is what they were acted out on. */
final readonly class ActedLoad
{
    private function __construct(public float $watts, private int $outages, private string $season, private float $hours)
    {
    }

    /** Null: none were acted out, or not with this machine, watts are missing, or the job has changed since. */
    public static function of(Job $row, JobFile $job): ?self
    {
        $task = new ManyOutages;
        $done = Run::query()->where('job_id', $row->id)->where('task', $task->key())->where('state', RunState::Done);
        $run = $done->orderByDesc('id')->first();
        $machine = $run->input['machine'] ?? '';
        $isPicked = $machine === '' || $machine === Supply::of($job->generator, $job->site)?->id();
        if ($run === null || ! $isPicked || Runs::isStale($run, $task) || Plan::of($job)->figuresMissing() !== []) {
            return null;
        }
        /** @var ?array<string, mixed> $kept */
        $kept = $run->kept['tally'] ?? null;
        $tally = $kept === null ? null : Tally::fromArray($kept);
        $hours = (float) ($run->input['hours'] ?? 0);
        $fed = $hours - ($tally?->meanDownS() ?? 0.0) / 3600;

        return $tally === null || $fed <= 0 ? null : new self($tally->meanWh() / $fed, $tally->done(), $run->input['season'] ?? '', $hours);
    }

    public function words(): string
    {
        return sprintf(
            '%s on average while it runs, from %s %s outages of %s h acted out.', Say::watts($this->watts), number_format($this->outages),
            $this->season, Say::figure($this->hours),
        );
    }
}
