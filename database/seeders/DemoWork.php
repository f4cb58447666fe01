<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\JobFile\JobEditor;
use App\Models\Job;
use App\Models\User;
use Illuminate\Support\Carbon;
use Underpin\Checklist\ChecklistStep;
use Underpin\Design\Design;
use Underpin\Install\InstallList;
use Underpin\Job\Agreed;
use Underpin\Job\Customer;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Log\Log;
use Underpin\Job\Log\LogEntry;
use Underpin\Job\Log\LogKind;
use Underpin\Job\Log\Pole;
use Underpin\Job\Log\SwitchService;
use Underpin\Job\StepNote;
use Underpin\Job\Work\DryRun;
use Underpin\Job\Work\HoursWorked;
use Underpin\Job\Work\StepRecord;
use Underpin\Job\Work\Work;
use Underpin\Prove\ProveList;

/** What the demo shop has built, proven and looked after. All invented. */
final class DemoWork
{
    /** small jobs that were handed over: days since, since the last test under load, since the last start, hours of the meter, mail */
    private const HANDED_OVER = [
        'Aldous cottage' => [380, 195, 101, 6.2, 'aldous@cottage.example'], 'Kittering cabin' => [178, 178, 60, 2.4,
            'kittering@cabin.example'],
        'Rushmere well' => [68, 68, 68, 1.1, ''],
    ];

    /** small jobs with a day agreed, in so many days */
    private const AGREED = ['Pellow fish shed' => 2, 'Quennell house' => 9];

    /** Installed to the last but one step, rehearsed once badly and once well. */
    public static function dairy(User $by, Job $row): void
    {
        JobEditor::change($row->refresh(), $by, 'The work of two days', fn (JobFile $file): JobFile => $file->with(new Work(
            self::records(array_slice(InstallList::of(new Design($file)), 0, -1), 'NV', 2), [
                new HoursWorked('h1', 'inlet-50', self::day(3), 'Nell Varga', 1.5), new HoursWorked('h2', 'run-60', self::day(2),
                    'Tobiah Renn', 3.5),
                new HoursWorked('h3', 'interlock-kit', self::day(2), 'Nell Varga', 0.75),
            ], [], [
                new DryRun('r1', self::day(5), 'Emeric Dunne', 31.0, 6, 'main left on, choke left out, everything on at once', true),
                new DryRun('r2', self::day(1), 'Orla Dunne', 11.0, 0, '', true),
            ],
        )));
    }

    /** Built and proven a year ago, with a first year of log. */
    public static function rowHouse(User $by, Job $row): void
    {
        JobEditor::change($row->refresh(), $by, 'Built and proven', function (JobFile $file): JobFile {
            $design = new Design($file);

            return $file->with(new Work([
                ...self::records(InstallList::of($design), 'TR', 372), ...self::records(ProveList::of($design), 'TR', 371),
            ], [], [], [
                new DryRun('r1', self::day(371), 'Ivo Marchetti', 16.0, 2, 'forgot the fuel valve'), new DryRun('r2', self::day(180),
                    'Ivo Marchetti', 9.0, 0),
            ]), new Log([
                new LogEntry('l1', self::day(371), LogKind::LoadedTest, 1.2, null, 2.0, 55.0, 'at the hand-over', 'Tobiah Renn'),
                new LogEntry('l2', self::day(290), LogKind::Start, 1.5, by: 'Ivo Marchetti'),
                new LogEntry('l3', self::day(244), LogKind::Outage, 9.8, null, 5.5, 50.0, 'ice storm, eight hours', 'Ivo Marchetti'),
                new LogEntry('l4', self::day(236), LogKind::Oil, 9.8, note: 'first change, early', by: 'Tobiah Renn'),
                new LogEntry('l5', self::day(180), LogKind::LoadedTest, 10.6, null, null, 60.0, by: 'Tobiah Renn'),
                new LogEntry('l6', self::day(96), LogKind::Start, 10.9, by: 'Ivo Marchetti'),
                new LogEntry('l7', self::day(95), LogKind::Fuel, null, null, 5.0, note: 'treated', by: 'Ivo Marchetti'),
            ]), self::handedOver($file, 371));
        });
    }

    /** Its switches are served since the old set; one pole goes bad. */
    public static function lodge(User $by, Job $row): void
    {
        JobEditor::change($row->refresh(), $by, 'Services of the switches', function (JobFile $file): JobFile {
            $service = fn (string $id, string $switch, int $daysAgo, float $a, float $b, float $aC,
                float $bC): SwitchService => new SwitchService(
                    $id, self::day($daysAgo), "Automatic switch of $switch panel", 96.0, new Pole($a, $aC), new Pole($b, $bC), 18.0,
                    'Tobiah Renn',
                    $daysAgo > 700 ? 'on the old set' : '',
                );

            return $file->with(new Log([
                new LogEntry('l1', self::day(60), LogKind::ExerciseMissed, note: 'old set would not crank', by: 'controller'),
                new LogEntry('l2', self::day(58), LogKind::Fault, note: 'old set: starter', by: 'Tobiah Renn'),
            ], [
                $service('e1', 'East', 1105, 6.1, 6.0, 31.5, 31.0), $service('e2', 'East', 741, 6.3, 6.6, 31.8, 32.0),
                $service('e3', 'East', 372, 6.4, 7.9, 32.0, 34.4), $service('e4', 'East', 12, 6.6, 9.4, 32.2, 38.1),
                $service('w1', 'West', 1105, 5.8, 5.9, 30.2, 30.4), $service('w2', 'West', 741, 5.9, 6.0, 30.9, 31.1),
                $service('w3', 'West', 372, 6.1, 6.1, 30.8, 31.2), $service('w4', 'West', 12, 6.2, 6.3, 31.0, 31.4),
            ]));
        });
    }

    /** @return ?int days since the last entry of its log; null: it has none */
    public static function small(User $by, Job $row): ?int
    {
        [$since, $tested, $started, $hours, $mail] = self::HANDED_OVER[$row->name] ?? [null, 0, 0, 0.0, ''];
        $agreed = self::AGREED[$row->name] ?? null;
        if ($agreed !== null) {
            JobEditor::change($row->refresh(), $by, 'Day of the work', fn (JobFile $file): JobFile => $file->with(
                $file->agreed->on(self::day(-$agreed)),
            ));
        }
        if ($since !== null) {
            JobEditor::change($row->refresh(), $by, 'Handed over', fn (JobFile $file): JobFile => $file->with(
                new Customer($file->customer->name, $file->customer->address, $file->customer->phone, $mail),
                self::handedOver($file, $since),
                new Log([
                    new LogEntry('l1', self::day($since), LogKind::Start, 0.4, by: $by->name),
                    new LogEntry('l2', self::day($tested), LogKind::LoadedTest, $hours - 0.2, null, null, 60.0, by: $by->name),
                    new LogEntry('l3', self::day($started), LogKind::Start, $hours, by: $row->customer_name),
                ]),
                $file->work->with(dryRuns: [new DryRun('r1', self::day($tested), $row->customer_name, 14.0, 1)]),
            ));
        }

        return $since === null ? null : $started;
    }

    /** Every step on the way to it with its days. */
    private static function handedOver(JobFile $file, int $daysAgo): Agreed
    {
        $agreed = $file->agreed;
        $days = ['permit' => [23, 12], 'machine' => [23, 8], 'parts' => [22, 5], 'inspection' => [1, 0], 'hand-over' => [null, 0]];
        foreach (['quote' => [null, 24], 'install' => [2, 1], 'prove' => [null, 0], ...$days] as $step => [$from, $to]) {
            $begun = $from === null ? '' : self::day($daysAgo + $from);
            $agreed = $agreed->noting(new StepNote($step, null, $begun, self::day($daysAgo + $to)));
        }

        return $agreed;
    }

    /**
     * @param  list<ChecklistStep>  $steps
     * @return list<StepRecord> each done, its reading within its range
     */
    private static function records(array $steps, string $by, int $daysAgo): array
    {
        return array_map(function (ChecklistStep $step, int $i) use ($by, $daysAgo): StepRecord {
            $range = $step->reading?->range;
            $label = $step->reading?->asksLabel() === true ? 36.0 : null;
            $value = match (true) {
                $step->reading === null => null,
                $range === null => 36.0,
                $range->low !== null && $range->high !== null => round(($range->low + $range->high) / 2, 1),
                default => round($range->low === null ? 0.1 * (float) $range->high : 2 * $range->low, 1),
            };

            return new StepRecord(
                $step->key, $by, self::day($daysAgo).sprintf(' %02d:%02d', 8 + intdiv($i * 3, 60) % 10, $i * 3 % 60), $step->text, $value,
                $label,
                $step->reading === null ? '' : ($step->reading->probe?->quantity->instrument()->words() ?? ($label === null ? 'meter 7'
                    : 'torque driver 2')),
            );
        }, $steps, array_keys($steps));
    }

    private static function day(int $daysAgo): string
    {
        return Carbon::now()->subDays($daysAgo)->toDateString();
    }
}
