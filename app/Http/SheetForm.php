<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Requests\TableFields;
use Illuminate\Http\Request;
use Underpin\Csv\CsvText;
use Underpin\Exchange\Schedule\Sheet\Meaning;
use Underpin\Exchange\Schedule\Sheet\SheetChoices;
use Underpin\Exchange\Schedule\Sheet\SheetColumn;
use Underpin\Exchange\Schedule\Sheet\SheetHead;
use Underpin\Job\Position;
use Underpin\Refused;

/** What the page of a panel schedule sends of it: columns that were taken for something else, the decimal mark, sizes of panels. */
final readonly class SheetForm
{
    /** @param  list<SheetColumn>  $columns  of the sheet, with what is said here */
    private function __construct(public SheetChoices $choices, public array $columns)
    {
    }

    /**
     * @param  array<string, ?Meaning>  $words  what the shop knows already
     *
     * @throws Refused by field
     */
    public static function of(Request $request, string $bytes, array $words): self
    {
        $rows = CsvText::rows($bytes);
        $found = SheetHead::of($rows, new SheetChoices(words: $words))->columns();
        $columns = [];
        foreach ($found as $column) {
            // An empty choice, left out, arrives as nothing.
            $said = $request->input("column-$column->place") ?? '';
            if ($request->exists("column-$column->place") && is_string($said) && $said !== ($column->meaning->value ?? '')) {
                $columns[$column->place] = $said === '' ? null : self::meaning($said, $column);
            }
        }

        $choices = new SheetChoices($columns, $words, TableFields::decimalOf($request), self::spaces($request));

        return new self($choices, SheetHead::of($rows, $choices)->columns());
    }

    /** @return array<string, string> as fields that say the same again */
    public function fields(): array
    {
        $fields = ['decimal' => $this->choices->mark->value ?? ''];
        foreach ($this->choices->columns as $place => $meaning) {
            $fields["column-$place"] = $meaning->value ?? '';
        }
        foreach ($this->choices->spaces as $place => $spaces) {
            $fields["spaces-$place"] = (string) $spaces;
        }

        return array_filter(
            $fields, fn (string $value, string $name): bool => $value !== '' || str_starts_with($name, 'column-'), ARRAY_FILTER_USE_BOTH,
        );
    }

    /** @return array<string, ?Meaning> what was said of columns that have a word over them, to be known again */
    public function words(): array
    {
        $words = [];
        foreach ($this->columns as $column) {
            if (array_key_exists($column->place, $this->choices->columns)) {
                $words[Meaning::plainWord($column->word)] = $this->choices->columns[$column->place];
            }
        }
        unset($words['']);

        return $words;
    }

    private static function meaning(string $said, SheetColumn $column): Meaning
    {
        $meaning = Meaning::tryFrom($said);
        if ($meaning === null || ! in_array($meaning, Meaning::choices(), true)) {
            throw new Refused("column-$column->place", sprintf(
                'Column %d must be one of those in its list; "%s" was given.', $column->place + 1, self::short($said),
            ));
        }

        return $meaning;
    }

    /** @return array<int, int> by the place of the panel in the sheet */
    private static function spaces(Request $request): array
    {
        $spaces = [];
        foreach ($request->post() as $name => $said) {
            if (preg_match('/^spaces-(\d{1,3})$/D', (string) $name, $found) !== 1 || ! is_string($said) || $said === '') {
                continue;
            }
            $isFit = preg_match('/^\d{1,3}$/D', $said) === 1 && (int) $said % 2 === 0 && $said >= 2 && $said <= Position::HIGHEST_SPACE;
            if (! $isFit) {
                throw new Refused((string) $name, sprintf(
                    'Spaces must be an even number from 2 to %d; "%s" was given.', Position::HIGHEST_SPACE, self::short($said),
                ));
            }
            $spaces[(int) $found[1]] = (int) $said;
        }

        return $spaces;
    }

    private static function short(string $said): string
    {
        return mb_strimwidth(mb_scrub($said), 0, 40, '…');
    }
}
