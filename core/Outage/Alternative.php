<?php

declare(strict_types=1);

namespace Underpin\Outage;

/** Another trial that could be put to the same outage. */
final readonly class Alternative
{
    /** by which it is asked for */
    public string $key;

    /** @param  string  $of  id of the circuit or machine, or the order, that is another; empty: the change says it all */
    public function __construct(public Change $change, public string $of, public string $words, public Trial $trial)
    {
        $this->key = trim("$change->value $of");
    }
}
