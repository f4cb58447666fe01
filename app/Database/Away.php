<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\QueryException;

/** Whether the database did not answer at all, so that no page can be made that asks it. */
final class Away
{
    /** Cannot connect, gone away, lost while asking, too many connections, shutting down. */
    private const CODES = [2002, 2003, 2006, 2013, 1040, 1053];

    public static function tells(QueryException $fault): bool
    {
        return in_array((int) ($fault->errorInfo[1] ?? $fault->getCode()), self::CODES, true);
    }
}
