<?php

declare(strict_types=1);

namespace App\Http\Controllers\Price;

use App\Http\Controllers\Controller;
use App\JobFile\JobEditor;
use App\Models\Job;
use App\Shop\ShopPrices;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Underpin\Csv\CsvDialect;
use Underpin\Csv\Number;
use Underpin\Design\Design;
use Underpin\Pricing\Book\PartPrice;
use Underpin\Pricing\Parts\PartLine;
use Underpin\Pricing\Parts\PartsList;

/** The parts of a job as a sheet to order by. */
final class PartsController extends Controller
{
    public function __invoke(Job $job): Response
    {
        $list = PartsList::of(new Design(JobEditor::open($job)->job));
        $book = ShopPrices::book($job->shop);
        $rows = [
            ['kind', 'part', 'quantity', 'unit', 'for', 'packs', 'sold_as', 'supplier', 'lead_days'],
            ...array_map(fn (PartLine $line): array => [
                $line->kind->value, $line->part, Number::write($line->quantity), $line->unit, implode('; ', $line->because),
                ...self::bought($line, $book->part($line->part, $line->unit)),
            ], $list->lines),
            ...array_map(fn (string $what): array => ['missing', $what, '', '', '', '', '', '', ''], $list->missing),
        ];

        return response((new CsvDialect)->write($rows), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($job->name) ?: 'job').'-parts.csv"',
        ]);
    }

    /** @return array{string, string, string, string} packs, what one is, where, days that it takes; empty: the book does not say */
    private static function bought(PartLine $line, ?PartPrice $price): array
    {
        return $price === null ? ['', '', '', ''] : [
            Number::write($price->packs($line->quantity)), $price->soldAs(), $price->supplier,
            $price->leadDays === null ? '' : (string) $price->leadDays,
        ];
    }
}
