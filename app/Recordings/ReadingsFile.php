<?php

declare(strict_types=1);

namespace App\Recordings;

use App\Csv\TableLines;
use Underpin\Measure\Mark;
use Underpin\Measure\Reading;
use Underpin\Measure\ReadingsTable;
use Underpin\Refused;

/** A CSV file of clamp readings. */
final class ReadingsFile
{
    private const AT_ONCE = 30_000;

    /**
     * @param  callable(list<Reading>): void  $keep  takes the readings, some at a time, in the order of time
     * @return list<Mark> in the order of time
     *
     * @throws Refused on "file"
     */
    public static function read(string $path, callable $keep): array
    {
        $table = new ReadingsTable;
        $lines = new TableLines($path);
        $some = [];
        foreach ($lines->rows() as $cells) {
            $reading = $table->row($lines->line, $cells);
            if ($reading === null) {
                continue;
            }
            $some[] = $reading;
            if (count($some) === self::AT_ONCE) {
                $keep($some);
                $some = [];
            }
        }
        $marks = $table->finish();
        $keep($some);

        return $marks;
    }
}
