<?php

declare(strict_types=1);

namespace App\Bench\Measures;

use App\Bench\BenchHouse;
use App\Bench\Report;
use App\Bench\Times;
use App\Documents\Card\CardContents;
use App\Documents\CardPdf;
use App\JobFile\JobEditor;
use App\Models\Machine;
use App\Models\User;
use Underpin\Job\Fuel;
use Underpin\Sizing\Supply;

/** The card as PDF of a panel, of a building and of the largest job that is taken. */
final class PrintedCard implements Measure
{
    /** circuits => seconds at most for the card of so many */
    private const CARD_S = [42 => 1.0, 400 => 2.0, 1600 => 8.0];

    private const CARD_MB = 160;

    public function key(): string
    {
        return 'card';
    }

    public function measure(Report $report): bool
    {
        $user = User::query()->firstOrFail();
        $machine = Machine::query()->where('shop_id', $user->shop_id)->where('key', 'badger-120')->firstOrFail();
        $supply = new Supply($machine->core(), Fuel::Gasoline);
        $good = true;
        foreach (self::CARD_S as $count => $limit) {
            $row = JobEditor::create($user->shop, $user, BenchHouse::of($count, $supply))->row;
            memory_reset_peak_usage();
            $times = new Times;
            $times->measure(fn (): string => CardPdf::of(CardContents::of(JobEditor::open($row))));
            $good = $report->kept("card of $count circuits, seconds", $times->median() / 1000, $limit, '%.2f') && $good;
            $mb = memory_get_peak_usage(true) / 1e6;
            $good = $report->kept("card of $count circuits, MB", $mb, self::CARD_MB, '%.0f') && $good;
        }

        return $good;
    }
}
