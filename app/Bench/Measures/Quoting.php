<?php

declare(strict_types=1);

namespace App\Bench\Measures;

use App\Bench\DemoJob;
use App\Bench\LongQuote;
use App\Bench\Report;
use App\Bench\Times;
use App\Documents\PaperPdf;
use App\JobFile\JobEditor;
use App\Shop\ShopPrices;
use Underpin\Design\Design;
use Underpin\Papers\Papers;
use Underpin\Pricing\Quoting\NewQuote;

/** A quote of 300 lines with its revision, what all the ways of the largest demo job cost, and every paper of it as PDF. */
final class Quoting implements Measure
{
    public function key(): string
    {
        return 'quote';
    }

    public function measure(Report $report): bool
    {
        $row = DemoJob::row();
        $review = JobEditor::open($row)->review;
        $job = $review->design->job;
        $book = ShopPrices::book($row->shop);
        $long = new Times;
        $priced = new Times;
        $pdf = new Times;
        for ($i = 0; $i < 10; $i++) {
            $long->measure(fn (): int => LongQuote::work($job));
            $priced->measure(fn (): int => count(NewQuote::of(new Design($job), $book)->estimates));
        }
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $pdf->measure(fn (): int => strlen(LongQuote::pdf($row, $job)));
        foreach (Papers::standard()->all() as $paper) {
            $pdf->measure(fn (): int => strlen(PaperPdf::of($paper, $row, $review)));
        }
        $good = $report->kept('a quote of 300 lines: its revision, out and in again, ms', $long->median(), 300, '%.0f');
        $good = $report->kept('the price of the largest demo job, ms', $priced->median(), 100, '%.1f') && $good;
        $good = $report->kept('the slowest paper of it, and of that quote, as PDF, s', $pdf->share(1.0) / 1000, 2, '%.2f') && $good;

        return $report->kept('memory for the largest of these, MB', (memory_get_peak_usage() - $before) / 1e6, 64, '%.0f') && $good;
    }
}
