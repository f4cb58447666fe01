<?php

declare(strict_types=1);

namespace App\Bench\Measures;

use App\Bench\Hostile\Attack;
use App\Bench\Hostile\GoodFiles;
use App\Bench\Hostile\People as HostilePeople;
use App\Bench\Hostile\Tally;
use App\Bench\Processes;
use App\Bench\Report;
use App\JobFile\JobEditor;
use App\Models\Job as JobRow;
use App\Models\Machine;
use App\Models\Shop;
use Underpin\Job\Fuel;
use Underpin\Sizing\Supply;

/** Fifty people at once with forms and files that are not what they should be. No error page, nothing lost, memory bounded. */
final class HostileCrowd implements Measure
{
    private const PEOPLE = 50;

    private const HOSTILE_FORMS = 10_000;

    private const SPOILED_FILES = 5_000;

    private const HOSTILE_S = 180;

    private const PROCESS_MB = 300;

    public function key(): string
    {
        return 'hostile';
    }

    public function measure(Report $report): bool
    {
        $shop = Shop::query()->firstOrFail();
        $machine = Machine::query()->where('shop_id', $shop->id)->where('key', 'badger-120')->firstOrFail();
        $people = HostilePeople::of($shop, self::PEOPLE, new Supply($machine->core(), Fuel::Gasoline));
        $attack = new Attack(
            config()->string('app.url'), GoodFiles::of(JobEditor::open(JobRow::query()->findOrFail($people[0]['job']))->job),
        );
        $began = microtime(true);
        $attack->run($people, fn (Tally $tally): bool => $tally->forms >= self::HOSTILE_FORMS && $tally->files >= self::SPOILED_FILES
            && microtime(true) - $began >= self::HOSTILE_S);
        $tally = $attack->tally;
        ksort($tally->statuses);
        $report->line(sprintf(
            '%d people, %.0f s: %s forms, %s files; answers: %s', self::PEOPLE, microtime(true) - $began, number_format($tally->forms),
            number_format($tally->files), urldecode(http_build_query($tally->statuses, '', ', ')),
        ));
        array_map($report->line(...), array_slice($tally->faults, 0, 20));
        $names = JobRow::query()->whereIn('id', array_keys($attack->acknowledged))->pluck('name', 'id');
        $lost = array_filter($attack->acknowledged, fn (string $name, int $id): bool => $names[$id] !== $name, ARRAY_FILTER_USE_BOTH);
        $good = $report->kept('error pages and innards', (float) count($tally->faults), 0, '%.0f');
        $good = $report->kept('people of whom no change was acknowledged', (float) (self::PEOPLE - count($names)), 0, '%.0f') && $good;
        $good = $report->kept('acknowledged changes lost', (float) count($lost), 0, '%.0f') && $good;

        return $report->kept('largest process of the app, MB', Processes::largestMb(storage_path('stack/bench')), self::PROCESS_MB, '%.0f')
            && $good;
    }
}
