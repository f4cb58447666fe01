<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Code;

/** One thing that can be wrong with an arrangement, judged by the facts that are given of it. */
interface Rule
{
    public function code(): Code;

    /** Found, or ruled out; null: the facts given neither prove nor exclude it. */
    public function isBroken(Arrangement $it): ?bool;

    /** Of an arrangement in which it was found. */
    public function says(Arrangement $it): Said;
}
