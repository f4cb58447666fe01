<?php

declare(strict_types=1);

namespace App\Bench\Measures;

use App\Bench\BenchHouse;
use App\Bench\BenchJob;
use App\Bench\Report;
use App\Bench\RoleChange;

/** A role change on a 42-space panel with 60 loads against the plainest signed-in page. */
final class RoleOfACircuit implements Measure
{
    private const ROLE_RATIO = 1.8;

    public function key(): string
    {
        return 'role';
    }

    public function measure(Report $report): bool
    {
        [$visitor, $path] = BenchJob::of(BenchHouse::panelOf42(...));

        return RoleChange::measured($report, $visitor, $path, 'c21', 'role change to plainest page', self::ROLE_RATIO);
    }
}
