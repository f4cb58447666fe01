<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule\Sheet;

use Underpin\Codebook\BreakerSizes;
use Underpin\Csv\CsvText;
use Underpin\Csv\DecimalMark;
use Underpin\Csv\NumberColumn;

/**
 * Which column of a sheet holds what: by the words over it, wherever they stand, or without any by
 * what is in it. A door sheet has two sides, the left and the right column of the panel.
 */
final readonly class SheetHead
{
    /** Rows that are looked through for the words over the columns: a title may stand above. */
    private const LOOKED_AT = 25;

    /** Rows that tell what a column holds that has no word over it. */
    private const TOLD_BY = 100;

    private const SAMPLES = 3;

    /** Cells of a kind among all of a column, from which on the column is of that kind. */
    private const MOST_OF_THEM = 0.7;

    /**
     * @param  list<array<int, Meaning>>  $sides  by the place of the column, from 0; none: it is no schedule
     * @param  list<array{int, list<string>}>  $rows  what stands below
     * @param  list<string>  $words  over the columns; none where nothing stands there
     * @param  array<int, Meaning>  $meanings  what the columns were taken for, before they were put on their sides
     */
    private function __construct(public array $sides, public array $rows, public array $words, private array $meanings)
    {
    }

    /** @param  list<array{int, list<string>}>  $rows  number in the file, and cells */
    public static function of(array $rows, SheetChoices $choices = new SheetChoices): self
    {
        $best = null;
        foreach (array_slice($rows, 0, self::LOOKED_AT) as $i => [, $cells]) {
            $meant = array_map(CsvText::meant(...), $cells);
            $meanings = array_filter(array_map($choices->meaningOf(...), $meant));
            if (self::isHead($meanings) && count($meanings) > count($best[1] ?? [])) {
                $best = [$i, $meanings];
            }
        }
        // Words that mean nothing may stand over columns that are known by what is in them, or by what a person says.
        $at = $best === null ? self::firstOfTable($rows, $choices) : $best[0] + 1;
        $below = array_slice($rows, $at);
        $words = array_map(CsvText::meant(...), $rows[$at - 1][1] ?? []);
        $byWords = self::resolved(array_filter(array_map($choices->meaningOf(...), $words)), $below, $words, $choices);
        $meanings = self::chosen($best === null ? $byWords + self::byContents($below) : $byWords, $choices);

        return new self(self::sides($meanings), $below, $words, $meanings);
    }

    /**
     * The first row that names a space, below words that mean nothing here.
     *
     * @param  list<array{int, list<string>}>  $rows
     */
    private static function firstOfTable(array $rows, SheetChoices $choices): int
    {
        for ($from = 0, $most = min(self::LOOKED_AT, count($rows)); $from < $most; $from++) {
            $meanings = self::chosen(self::byContents(array_slice($rows, $from, self::TOLD_BY)), $choices);
            $place = array_search(Meaning::Space, $meanings, true);
            if ($place !== false && self::isSpace(CsvText::meant($rows[$from][1][$place] ?? ''))) {
                return $from;
            }
        }

        return 0;
    }

    /** @return array<int, NumberColumn> the columns of figures, by their place, each with its decimal mark found */
    public function numbers(string $delimiter, ?DecimalMark $mark): array
    {
        $numbers = [];
        foreach ($this->sides as $side) {
            foreach (array_keys(array_filter($side, fn (Meaning $meaning): bool => $meaning->isFigure())) as $place) {
                $numbers[$place] = NumberColumn::of(self::column($this->rows, $place), $delimiter, $mark);
            }
        }

        return $numbers;
    }

    /** @return list<SheetColumn> */
    public function columns(): array
    {
        $widest = max([count($this->words), ...array_map(fn (array $row): int => count($row[1]), $this->rows)]);
        $columns = [];
        for ($place = 0; $place < $widest; $place++) {
            $meanings = array_filter(array_map(fn (array $side): ?Meaning => $side[$place] ?? null, $this->sides ?: [$this->meanings]));
            $columns[] = new SheetColumn(
                $place, $this->words[$place] ?? '', $meanings[array_key_first($meanings) ?? -1] ?? null,
                array_slice(self::column($this->rows, $place), 0, self::SAMPLES),
            );
        }

        return $columns;
    }

    /**
     * @param  array<int, Meaning>  $found
     * @return array<int, Meaning> in the order of the columns
     */
    private static function chosen(array $found, SheetChoices $choices): array
    {
        $meanings = array_filter(array_replace($found, $choices->columns));
        ksort($meanings);

        return $meanings;
    }

    /** @param  array<int, Meaning>  $meanings */
    private static function isHead(array $meanings): bool
    {
        $telling = [Meaning::Space, Meaning::Circuit, Meaning::Amps, Meaning::Name, Meaning::Load];

        return count($meanings) >= 2 && array_filter($meanings, fn (Meaning $m): bool => in_array($m, $telling, true)) !== [];
    }

    /**
     * Words that mean two things mean what the other columns and the cells below leave.
     *
     * @param  array<int, Meaning>  $meanings
     * @param  list<array{int, list<string>}>  $rows
     * @param  list<string>  $words  over the columns
     * @return array<int, Meaning>
     */
    private static function resolved(array $meanings, array $rows, array $words, SheetChoices $choices): array
    {
        $hasSpace = in_array(Meaning::Space, $meanings, true);
        $hasName = in_array(Meaning::Name, $meanings, true);
        foreach ($meanings as $i => $meaning) {
            if ($choices->isChosen($i, $words[$i] ?? '')) {
                continue;
            }
            $cells = self::column($rows, $i);
            $meanings[$i] = match ($meaning) {
                Meaning::Circuit => match (true) {
                    ! $hasSpace && self::share($cells, self::isSpace(...)) > 0.5 => Meaning::Space,
                    $hasName => null,
                    default => Meaning::Name,
                },
                Meaning::Type => self::share($cells, self::isPoles(...)) > 0.5 ? Meaning::Poles : Meaning::Protection,
                Meaning::Phase => self::share($cells, self::isPoles(...)) > 0.5 ? Meaning::Poles : null,
                Meaning::Amps => match (true) {
                    self::share($cells, self::isPoles(...)) >= self::MOST_OF_THEM => Meaning::Poles,
                    default => Meaning::Amps,
                },
                default => $meaning,
            };
        }
        $meanings = array_filter($meanings);
        if (! in_array(Meaning::Name, $meanings, true)) {
            $meanings = array_map(fn (Meaning $m): Meaning => $m === Meaning::Load ? Meaning::Name : $m, $meanings);
        }

        return $meanings;
    }

    /**
     * @param  list<array{int, list<string>}>  $rows
     * @return array<int, Meaning>
     */
    private static function byContents(array $rows): array
    {
        $meanings = [];
        $widest = max([0, ...array_map(fn (array $row): int => count($row[1]), $rows)]);
        for ($i = 0; $i < $widest; $i++) {
            $cells = self::column($rows, $i);
            $meaning = match (true) {
                $cells === [] => null,
                self::share($cells, self::isSpace(...)) >= self::MOST_OF_THEM && count(array_unique($cells)) === count($cells)
                    && ! self::areTrips($cells) => Meaning::Space,
                self::share($cells, fn (string $cell): bool => in_array($cell, ['1', '2'], true)) >= self::MOST_OF_THEM => Meaning::Poles,
                self::share($cells, fn (string $cell): bool => BreakerCell::read($cell) !== null) >= self::MOST_OF_THEM => Meaning::Amps,
                self::share($cells, fn (string $cell): bool => preg_match('/\pL{2}/u', $cell) === 1) >= 0.5 => Meaning::Name,
                default => null,
            };
            if ($meaning !== null) {
                $meanings[$i] = $meaning;
            }
        }

        return count($meanings) >= 2 ? $meanings : [];
    }

    /**
     * Each meaning once a side: where two columns number spaces, the second of a kind belongs to the right.
     *
     * @param  array<int, Meaning>  $meanings
     * @return list<array<int, Meaning>>
     */
    private static function sides(array $meanings): array
    {
        $spaces = count(array_filter($meanings, fn (Meaning $m): bool => $m === Meaning::Space));
        if ($spaces === 0) {
            return [];
        }
        $sides = [[], []];
        foreach ($meanings as $i => $meaning) {
            foreach ($sides as $side => $taken) {
                if (! in_array($meaning, $taken, true) && ($side === 0 || $spaces > 1)) {
                    $sides[$side][$i] = $meaning;
                    break;
                }
            }
        }

        return array_values(array_filter($sides, fn (array $side): bool => in_array(Meaning::Space, $side, true)));
    }

    /**
     * @param  list<array{int, list<string>}>  $rows
     * @return list<string> what stands in a column, without the blanks
     */
    private static function column(array $rows, int $place): array
    {
        $cells = array_map(fn (array $row): string => CsvText::meant($row[1][$place] ?? ''), $rows);

        return array_values(array_filter($cells, fn (string $cell): bool => $cell !== ''));
    }

    /**
     * @param  list<string>  $cells
     * @param  callable(string): bool  $is
     */
    private static function share(array $cells, callable $is): float
    {
        return $cells === [] ? 0.0 : count(array_filter($cells, $is)) / count($cells);
    }

    private static function isSpace(string $cell): bool
    {
        return SpaceCell::read($cell) !== null;
    }

    private static function isPoles(string $cell): bool
    {
        $breaker = BreakerCell::read($cell);

        return in_array($cell, ['1', '2', '3'], true) || ($breaker !== null && $breaker->poles !== null && $breaker->amps === []);
    }

    /**
     * Spaces come one after the other; ratings are of the standard sizes, all of them.
     *
     * @param  non-empty-list<string>  $cells
     */
    private static function areTrips(array $cells): bool
    {
        return array_filter($cells, fn (string $cell): bool => ! in_array((int) $cell, [10, ...BreakerSizes::STANDARD], true)) === [];
    }
}
