<?php

declare(strict_types=1);

namespace App\Runs;

use App\Models\Run;

/** Tells how far a run is, and learns whether it is to stop. */
final class RunProgress
{
    /** Seconds between two writes. */
    private const EVERY_S = 0.3;

    private float $toldAt = 0.0;

    public function __construct(private readonly Run $run)
    {
    }

    /**
     * What it has so far: it goes on from there when it is cut short.
     *
     * @param  array<string, mixed>  $kept
     */
    public function keep(array $kept): void
    {
        $this->run->update(['kept' => $kept, 'beat_at' => now()]);
    }

    /**
     * @param  ?float  $share  of 1; null: not known
     *
     * @throws RunStopped
     */
    public function tell(string $said, ?float $share): void
    {
        if (microtime(true) - $this->toldAt < self::EVERY_S) {
            return;
        }
        $this->toldAt = microtime(true);
        Run::query()->whereKey($this->run->id)->update(['said' => mb_substr($said, 0, 500), 'share' => $share, 'beat_at' => now()]);
        if (Run::query()->whereKey($this->run->id)->value('stop_asked')) {
            throw new RunStopped;
        }
    }
}
