<?php

declare(strict_types=1);

namespace App\Screens;

use App\Shop\ShopLibrary;
use Underpin\Exchange\Grid\GridColumns;
use Underpin\Exchange\Grid\GridRow;
use Underpin\Form\Field;
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
        return new self($screen, ShopLibrary::of($screen->row->shop_id));
    }

    /** @return array<string, Field> by name: with one panel alone there is nothing to tell by its name */
    public function columns(): array
    {
        $columns = array_column(GridColumns::form()->fields(), null, 'name');

        return count($this->screen->job->service->panels) > 1 ? $columns : array_diff_key($columns, ['panel' => 0]);
    }

    /**
     * @param  ?list<string>  $only  ids of breakers; null: all
     * @return list<GridRow>
     */
    public function rows(?array $only = null): array
    {
        return GridRow::all($this->screen->job, $only);
    }

    /** @return list<Suggestion> for what has no figures in this line */
    public function suggestions(GridRow $row): array
    {
        return array_values(array_filter(
            $row->isFeeder ? [] : $this->library->suggest($row->circuit),
            fn (Suggestion $each): bool => $each->load === $row->load?->id,
        ));
    }

    /** @return list<array{Circuit, non-empty-list<Suggestion>}> of the whole job */
    public function suggested(): array
    {
        return $this->library->suggestAll($this->screen->job);
    }
}
