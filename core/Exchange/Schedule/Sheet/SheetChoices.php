<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule\Sheet;

use Underpin\Csv\DecimalMark;

/** What a person has said of a sheet; what nobody has is found in the sheet itself. */
final readonly class SheetChoices
{
    /**
     * @param  array<int, ?Meaning>  $columns  by the place of the column, from 0; null: it is left out
     * @param  array<string, ?Meaning>  $words  by the word over a column, as plainWord() has it: what it was taken for before
     * @param  array<int, int>  $spaces  of the panels that have no breakers yet, by their place in the sheet
     */
    public function __construct(
        public array $columns = [],
        public array $words = [],
        public ?DecimalMark $mark = null,
        public array $spaces = [],
    ) {
    }

    /** What a word over a column means: as it was taken before, else as people use it. */
    public function meaningOf(string $heading): ?Meaning
    {
        $word = Meaning::plainWord($heading);

        return array_key_exists($word, $this->words) ? $this->words[$word] : Meaning::of($heading);
    }

    public function isChosen(int $place, string $heading): bool
    {
        return array_key_exists($place, $this->columns) || array_key_exists(Meaning::plainWord($heading), $this->words);
    }
}
