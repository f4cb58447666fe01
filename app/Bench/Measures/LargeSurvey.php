<?php

declare(strict_types=1);

namespace App\Bench\Measures;

use App\Bench\BenchHouse;
use App\Bench\BenchJob;
use App\Bench\Report;
use App\Bench\RoleChange;

/** A 600 A service with five panels and 210 circuits: its page, and a role change on it. */
final class LargeSurvey implements Measure
{
    private const LARGE_ROLE_RATIO = 2.0;

    private const SURVEY_BYTES = 400_000;

    public function key(): string
    {
        return 'survey';
    }

    public function measure(Report $report): bool
    {
        [$visitor, $path] = BenchJob::of(BenchHouse::fivePanels(...));
        $good = $report->kept(
            'survey page of 210 circuits, bytes', (float) strlen((string) $visitor->get("$path/survey")->getBody()), self::SURVEY_BYTES,
            '%.0f',
        );

        return RoleChange::measured(
            $report, $visitor, $path, 'p3-c21', 'role change among 210 circuits to plainest page', self::LARGE_ROLE_RATIO,
        ) && $good;
    }
}
