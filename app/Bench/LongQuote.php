<?php

declare(strict_types=1);

namespace App\Bench;

use App\Documents\PaperPdf;
use App\Models\Job;
use Underpin\Exchange\JobFile;
use Underpin\Job\Job as File;
use Underpin\Job\Quote\LineKind;
use Underpin\Job\Quote\Quote;
use Underpin\Job\Quote\QuotedLine;
use Underpin\Job\Quote\QuotedWay;
use Underpin\Job\Quote\Quotes;
use Underpin\Money;
use Underpin\Papers\QuoteSheet;
use Underpin\Pricing\Quoting\QuoteChanges;

/** A quote of three ways with a hundred lines each, and its revision in which every line costs more. */
final class LongQuote
{
    private const LINES = 100;

    public static function revision(int $revision): Quote
    {
        $ways = array_map(fn (string $way): QuotedWay => new QuotedWay(
            $way, "way $way", 'Bench 100', 'everything', '', '12 steps, 12 min', array_map(fn (int $n): QuotedLine => new QuotedLine(
                LineKind::cases()[$n % 3], "line-$n", "Line $n of that way, as it is bought", (float) $n, 'each',
                Money::cents($n * 100 + $revision),
            ), range(1, self::LINES)), Money::cents(5_000),
        ), ['interlock', 'manual_switch', 'transfer_subpanel']);

        return new Quote(9_000, $revision, '2026-11-20', '2026-12-20', 'Bench', $ways, 30.0, 'Terms.');
    }

    /** The change is found, and the job with both goes out as a file and comes in again. */
    public static function work(File $job): int
    {
        $quotes = new Quotes([self::revision(1), self::revision(2)]);
        $changes = QuoteChanges::between($quotes->quotes[0], $quotes->quotes[1]);
        $file = JobFile::standard();

        return count($changes) + count($file->decode($file->encode($job->with($quotes)))->quotes->quotes);
    }

    public static function pdf(Job $row, File $job): string
    {
        $quote = self::revision(1);

        return PaperPdf::blocks($quote->title(), QuoteSheet::blocks($quote, $job->customer), $row, $job, $quote->on);
    }
}
