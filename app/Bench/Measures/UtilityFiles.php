<?php

declare(strict_types=1);

namespace App\Bench\Measures;

use App\Bench\IntervalFiles;
use App\Bench\Report;
use App\Bench\Times;
use App\Intervals\IntervalFile;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Process;
use Underpin\Measure\Interval\Zone;
use XMLReader;

/** A year and five years of quarter hours against a bare pass over the same file, and the memory that takes. */
final class UtilityFiles implements Measure
{
    private const CSV_RATIO = 3.0;

    private const ESPI_RATIO = 4.0;

    private const IMPORT_MB = 64.0;

    public function key(): string
    {
        return 'intervals';
    }

    public function measure(Report $report): bool
    {
        $folder = storage_path('framework/testing/bench');
        File::ensureDirectoryExists($folder);
        IntervalFiles::csv("$folder/1.csv", 1);
        IntervalFiles::espi("$folder/1.xml", 1);
        IntervalFiles::csv("$folder/5.csv", 5);
        IntervalFiles::espi("$folder/5.xml", 5);
        $ratio = function (callable $bare, string $file): float {
            [$plain, $import] = [new Times, new Times];
            for ($i = 0; $i < 9; $i++) {
                $plain->measure(fn () => $bare($file));
                $import->measure(fn () => IntervalFile::read($file, Zone::Eastern));
            }

            return $import->median() / $plain->median();
        };
        $good = $report->kept(
            'CSV import of a year to a bare fgetcsv pass', $ratio(self::bareTable(...), "$folder/1.csv"), self::CSV_RATIO, '%.2f',
        );
        $good = $report->kept(
            'ESPI import of a year to a bare XMLReader pass', $ratio(self::bareXml(...), "$folder/1.xml"), self::ESPI_RATIO, '%.2f',
        )
            && $good;
        foreach (['1.csv', '1.xml', '5.csv', '5.xml'] as $name) {
            $code = 'require $argv[1]; '.IntervalFile::class.'::read($argv[2], '.Zone::class.'::Eastern); '
                .'echo memory_get_peak_usage(true);';
            // One that fails has measured nothing.
            $process = Process::run([PHP_BINARY, '-r', $code, base_path('vendor/autoload.php'), "$folder/$name"])->throw();
            $good = $report->kept("peak memory for $name, MB", (float) $process->output() / 1e6, self::IMPORT_MB, '%.1f') && $good;
        }
        File::deleteDirectory($folder);

        return $good;
    }

    private static function bareTable(string $path): void
    {
        $file = fopen($path, 'rb');
        while ($file !== false && fgetcsv($file) !== false);
    }

    private static function bareXml(string $path): void
    {
        $xml = new XMLReader;
        $xml->open($path);
        while ($xml->read());
    }
}
