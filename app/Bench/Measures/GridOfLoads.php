<?php

declare(strict_types=1);

namespace App\Bench\Measures;

use App\Bench\BenchHouse;
use App\Bench\BenchJob;
use App\Bench\GridCells;
use App\Bench\Report;

/** A cell of the loads as a sheet, among 210 circuits, against a role there; and a paste of 200 rows. */
final class GridOfLoads implements Measure
{
    /** a cell of the grid to a role, by medians */
    private const CELL_RATIO = 1.15;

    private const PASTE_S = 1.0;

    public function key(): string
    {
        return 'grid';
    }

    public function measure(Report $report): bool
    {
        [$visitor, $path] = BenchJob::of(BenchHouse::fivePanels(...));
        $grid = new GridCells($visitor, $path);
        [$cell, $role] = $grid->againstRole('p3-c21', 'p3-l21');
        $report->line(sprintf('cell: median %.1f ms; role: median %.1f ms', $cell->median(), $role->median()));
        $good = $report->kept('cell of the grid to a role', $cell->median() / $role->median(), self::CELL_RATIO, '%.2f');

        return $report->kept('paste of 200 rows, seconds', $grid->paste(), self::PASTE_S, '%.2f') && $good;
    }
}
