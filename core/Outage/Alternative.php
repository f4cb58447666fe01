<?php

declare(strict_types=1);

namespace Underpin\Outage;

/** Another trial that could be put to the same outage. */
final readonly class Alternative
{
    /** @param  string  $key  by which it is asked for */
    public function __construct(public string $key, public string $words, public Trial $trial)
    {
    }
}
