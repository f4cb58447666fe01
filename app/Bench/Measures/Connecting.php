<?php

declare(strict_types=1);

namespace App\Bench\Measures;

use App\Bench\DemoJob;
use App\Bench\FullPanels;
use App\Bench\Report;
use App\Bench\Times;
use App\Models\Shop;
use App\Shop\ShopPrices;
use Underpin\Checks\Review;
use Underpin\Design\Design;
use Underpin\Drawing\Drawings;
use Underpin\Drawing\Writer\SvgFile;
use Underpin\Job\Job as JobFile;
use Underpin\Legs\LegBalancer;
use Underpin\Pricing\WayMatrix;
use Underpin\Service\Moves\FewestMoves;

/** Moves and legs on one core; the matrix of all ways, the drawings and the whole review of the largest demo job. */
final class Connecting implements Measure
{
    private const FULL_PANELS = 100;

    public function key(): string
    {
        return 'connect';
    }

    public function measure(Report $report): bool
    {
        $moves = new Times;
        foreach (FullPanels::some(self::FULL_PANELS) as $room) {
            $moves->measure(fn (): bool => FewestMoves::of($room)->isPossible());
        }
        mt_srand(24);
        $circuits = array_map(fn (): array => ['amps' => mt_rand(1, 200) / 10, 'leg' => null], range(1, LegBalancer::MOST));
        $legs = new Times;
        for ($i = 0; $i < 5; $i++) {
            $legs->measure(fn (): float => LegBalancer::balance($circuits)->differenceAmps());
        }
        $job = DemoJob::open()->job;
        $book = ShopPrices::book(Shop::query()->firstOrFail());
        $matrix = new Times;
        $review = new Times;
        for ($i = 0; $i < 20; $i++) {
            $matrix->measure(fn (): int => count(WayMatrix::of(new Design($job), $book)->rows));
            $review->measure(fn (): int => count(Review::of($job)->findings));
        }
        $good = $report->kept('interlock moves, slowest of '.self::FULL_PANELS.' full panels, ms', $moves->share(1.0), 1000, '%.0f');
        $good = $report->kept('legs of 24 circuits, ms', $legs->share(1.0), 1000, '%.0f') && $good;
        $good = $report->kept('matrix of all ways, largest demo job, ms', $matrix->median(), 200, '%.1f') && $good;
        $good = $this->drawings($job, $report) && $good;

        return $report->kept('review of the largest demo job, ms', $review->median(), 150, '%.1f') && $good;
    }

    /** Every drawing of a job as SVG, all of them together and the largest. */
    private function drawings(JobFile $job, Report $report): bool
    {
        $all = new Times;
        $largest = 0;
        for ($i = 0; $i < 5; $i++) {
            $all->measure(function () use ($job, &$largest): int {
                $design = new Design($job);
                foreach (Drawings::standard()->all() as $kind) {
                    foreach ($kind->sheets($design) as $sheet) {
                        $largest = max($largest, strlen((new SvgFile)->write($sheet)));
                    }
                }

                return $largest;
            });
        }
        $good = $report->kept('all drawings of the largest demo job as SVG, ms', $all->median(), 300, '%.0f');

        return $report->kept('the largest of them, kB', $largest / 1000, 150, '%.0f') && $good;
    }
}
