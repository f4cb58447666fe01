<?php

declare(strict_types=1);

namespace App\Screens;

use Underpin\Exchange\Grid\GridRow;
use Underpin\Job\Circuit;
use Underpin\Loads\Library\LoadLibrary;
use Underpin\Loads\Library\Suggestion;

/** The loads of a job as a sheet, with what the names of its breakers suggest. */
final readonly class GridScreen
{
    private function __construct(private JobScreen $screen, private LoadLibrary $library)
    {
    }

    public static function of(JobScreen $screen): self
    {
        return new self($screen, $screen->row->shop->library());
    }

    /** @return list<GridRow> */
    public function rows(): array
    {
        return GridRow::all($this->screen->job->service->panels);
    }

    /**
     * @param  list<string>  $circuits  ids
     * @return list<GridRow>
     */
    public function rowsOf(array $circuits): array
    {
        $rows = [];
        foreach ($this->screen->job->service->panels as $panel) {
            foreach ($panel->circuits as $circuit) {
                if (in_array($circuit->id, $circuits, true)) {
                    array_push($rows, ...GridRow::of($panel, $circuit));
                }
            }
        }

        return $rows;
    }

    /** @return list<Suggestion> for what has no figures in this line */
    public function suggestions(GridRow $row): array
    {
        return array_values(array_filter(
            $this->library->suggest($row->circuit), fn (Suggestion $each): bool => $each->load === $row->load?->id,
        ));
    }

    /** @return list<array{Circuit, non-empty-list<Suggestion>}> of the whole job */
    public function suggested(): array
    {
        $all = [];
        foreach ($this->screen->job->circuits() as $circuit) {
            $suggestions = $this->library->suggest($circuit);
            if ($suggestions !== []) {
                $all[] = [$circuit, $suggestions];
            }
        }

        return $all;
    }
}
