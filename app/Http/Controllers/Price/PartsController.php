<?php

declare(strict_types=1);

namespace App\Http\Controllers\Price;

use App\Http\Controllers\Controller;
use App\JobFile\JobEditor;
use App\Models\Job;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Underpin\Csv\CsvDialect;
use Underpin\Csv\Number;
use Underpin\Design\Design;
use Underpin\Pricing\Parts\PartLine;
use Underpin\Pricing\Parts\PartsList;

/** The parts of a job as a sheet to order by. */
final class PartsController extends Controller
{
    public function __invoke(Job $job): Response
    {
        $list = PartsList::of(new Design(JobEditor::open($job)->job));
        $rows = [
            ['kind', 'part', 'quantity', 'unit', 'for'],
            ...array_map(fn (PartLine $line): array => [
                $line->kind->value, $line->part, Number::write($line->quantity), $line->unit, implode('; ', $line->because),
            ], $list->lines),
            ...array_map(fn (string $what): array => ['missing', $what, '', '', ''], $list->missing),
        ];

        return response((new CsvDialect)->write($rows), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($job->name) ?: 'job').'-parts.csv"',
        ]);
    }
}
