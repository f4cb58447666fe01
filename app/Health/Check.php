<?php

declare(strict_types=1);

namespace App\Health;

use Throwable;

/** One thing that the app cannot do its work without. */
interface Check
{
    public function name(): string;

    /**
     * @return string 'ok', or what is wrong, in words that may be read by anybody
     *
     * @throws Throwable when it does not answer at all
     */
    public function result(): string;
}
