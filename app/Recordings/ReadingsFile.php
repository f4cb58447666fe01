<?php

declare(strict_types=1);

namespace App\Recordings;

use App\Csv\TableLines;
use Underpin\Loads\Measure\Mark;
use Underpin\Loads\Measure\Reading;
use Underpin\Loads\Measure\ReadingsTable;
use Underpin\Refused;

/** A CSV file of clamp readings. */
final class ReadingsFile
{
    /**
     * @return array{list<Reading>, list<Mark>}
     *
     * @throws Refused on "file"
     */
    public static function read(string $path): array
    {
        $table = new ReadingsTable;
        $lines = new TableLines($path);
        foreach ($lines->rows() as $cells) {
            $table->row($lines->line, $cells);
        }

        return $table->finish();
    }
}
