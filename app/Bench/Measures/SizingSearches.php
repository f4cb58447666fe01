<?php

declare(strict_types=1);

namespace App\Bench\Measures;

use App\Bench\Report;
use App\Bench\Times;
use Underpin\Legs\Leg;
use Underpin\Loads\Starter;
use Underpin\Loads\StartOrder;
use Underpin\Sizing\BestSet;
use Underpin\Sizing\Candidate;

/** The best set of loads and the best order of starts, by their slowest. */
final class SizingSearches implements Measure
{
    private const BEST_SET_MS = 2000;

    private const START_ORDER_MS = 50;

    public function key(): string
    {
        return 'sizing';
    }

    public function measure(Report $report): bool
    {
        $worst = 0.0;
        foreach (['equal worth' => 1, 'mixed worth' => 9] as $name => $most) {
            mt_srand(7);
            $times = new Times;
            foreach (range(1, 20) as $round) {
                $loads = array_map(
                    fn (int $i): Candidate => new Candidate("l$i", Leg::cases()[mt_rand(0, 2)], mt_rand(100, 900) / 100, mt_rand(1, $most)),
                    range(0, 19),
                );
                $times->measure(fn () => BestSet::choose($round * 2, $round * 2.3, $loads));
            }
            $report->line(sprintf('best-set, 20 loads, %s: median %.0f ms, slowest %.0f ms', $name, $times->median(), $times->share(1.0)));
            $worst = max($worst, $times->share(1.0));
        }
        $starts = new Times;
        $loads = array_map(fn (int $i): Starter => new Starter("l$i", Leg::cases()[$i % 3], $i % 7, $i % 7 + $i % 31), range(0, 199));
        foreach (range(1, 50) as $ignored) {
            $starts->measure(fn () => StartOrder::best($loads));
        }
        $good = $report->kept('best-set with 20 loads, ms', $worst, self::BEST_SET_MS, '%.0f');

        return $report->kept('start-order with 200 loads, ms', $starts->median(), self::START_ORDER_MS, '%.2f') && $good;
    }
}
