<?php

declare(strict_types=1);

namespace App\Recordings;

use App\Csv\TableLines;
use Underpin\Csv\DecimalMark;
use Underpin\Csv\OtherMark;
use Underpin\Measure\Mark;
use Underpin\Measure\Reading;
use Underpin\Measure\ReadingsTable;
use Underpin\Measure\ServiceLimit;
use Underpin\Refused;

/** A CSV file of clamp readings. */
final readonly class ReadingsFile
{
    private const AT_ONCE = 30_000;

    /**
     * @param  list<Mark>  $marks  in the order of time
     * @param  bool  $hasCommas  figures were read with a decimal comma
     */
    private function __construct(public int $count, public array $marks, public bool $hasCommas)
    {
    }

    /**
     * @param  callable(list<Reading>): void  $keep  takes the readings, some at a time, in the order of time
     * @param  ?DecimalMark  $mark  of its figures; null: as they show
     *
     * @throws Refused on "file"
     * @throws OtherMark when all has to be read again, with another decimal mark: what was kept is wrong
     */
    public static function read(string $path, callable $keep, ServiceLimit $limit = new ServiceLimit, ?DecimalMark $mark = null): self
    {
        $lines = new TableLines($path);
        $table = new ReadingsTable($lines->delimiter(), $mark, $limit);
        $some = [];
        $count = 0;
        foreach ($lines->rows() as $cells) {
            $reading = $table->row($lines->line, $cells);
            if ($reading === null) {
                continue;
            }
            $some[] = $reading;
            $count++;
            if (count($some) === self::AT_ONCE) {
                $keep($some);
                $some = [];
            }
        }
        $marks = $table->finish();
        $keep($some);

        return new self($count, $marks, $table->hasCommas());
    }
}
