<?php

declare(strict_types=1);

namespace Underpin\Keep;

/** A day on which something is due. */
final readonly class JobDate
{
    /**
     * @param  string  $key  of what is due; unique in a job
     * @param  string  $on  YYYY-MM-DD
     * @param  ?int  $everyMonths  it comes round; null: once
     */
    public function __construct(public string $key, public string $title, public string $on, public ?int $everyMonths, public string $why)
    {
    }
}
