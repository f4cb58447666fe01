<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule\Sheet;

/** A column of a sheet, as a person looks at it. */
final readonly class SheetColumn
{
    /**
     * @param  int  $place  from 0
     * @param  string  $word  over it; empty: none
     * @param  ?Meaning  $meaning  what it was taken for; null: it is left out
     * @param  list<string>  $samples  what stands in it first
     */
    public function __construct(public int $place, public string $word, public ?Meaning $meaning, public array $samples)
    {
    }
}
