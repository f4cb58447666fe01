<?php

declare(strict_types=1);

namespace Underpin\Keep;

use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Codebook\FuelFacts;
use Underpin\Codebook\ServiceDates;
use Underpin\Codebook\TransferSettings;
use Underpin\Design\Design;
use Underpin\Job\Fuel;
use Underpin\Job\Log\Log;
use Underpin\Job\Log\LogKind;
use Underpin\Job\Machine;
use Underpin\Measure\Interval\CivilDay;

/** What keeps the machine and the switches of a job alive: when each was done last, and when it is due, by the log and the hour meter. */
final readonly class Care
{
    private const DAYS_A_MONTH = 365.25 / 12;

    /** Months ahead beyond which a day that is reckoned from the hours of the exercise says nothing: few engines are kept so long. */
    private const FARTHEST_MONTHS = 180;

    public RunHours $hours;

    private Log $log;

    /** The day that everything counts from which was never done: that of the hand-over, else today. */
    public string $begun;

    /**
     * @param  string  $today  YYYY-MM-DD
     *
     * @throws \Underpin\Refused on "today" when there is no such day
     */
    public function __construct(private Design $design, private string $today)
    {
        $done = $design->job->handedOverOn();
        $this->begun = $done === '' ? $today : $done;
        // A day that has not come cannot have been.
        $this->log = $design->job->log->until($today);
        $this->hours = RunHours::of($this->readings(), $today, $this->exerciseMin() ?? 0.0);
    }

    /** The machine was handed over, or has a log: its days are not only a plan. */
    public function isKept(): bool
    {
        return $this->design->job->handedOverOn() !== '' || $this->log->entries !== [];
    }

    /** Minutes of the weekly exercise; null: it is not set, or the machine has none. */
    public function exerciseMin(): ?float
    {
        return $this->design->way()?->transfersByItself() === true
            ? $this->design->job->connection->settings[TransferSettings::EXERCISE] ?? null : null;
    }

    /** @return list<CareItem> the soonest first; empty: no machine is picked */
    public function items(): array
    {
        $machine = $this->design->supply()?->machine;
        $items = $machine === null ? [] : [...$this->ofMachine($machine), ...$this->ofSwitches()];
        usort($items, fn (CareItem $x, CareItem $y): int => [$x->dueOn ?? '9999', $x->key] <=> [$y->dueOn ?? '9999', $y->key]);

        return $items;
    }

    /** The year in which the first oil change would fall by the exercise alone; null: nothing exercises it, or it had one. */
    public function firstOilYear(): ?int
    {
        $machine = $this->design->supply()?->machine;
        $minutes = $this->exerciseMin();
        if ($machine === null || $minutes === null || $minutes <= 0.0 || $this->log->last(LogKind::Oil) !== null) {
            return null;
        }
        $days = $this->oilH($machine, true) / ($minutes / 60 / 7);
        $begun = CivilDay::ofAnyYear($this->begun);

        return $begun === null ? null : CivilDay::parts($begun + (int) floor($days))[0];
    }

    /** @return list<CareItem> */
    private function ofMachine(Machine $machine): array
    {
        $form = $machine->form;
        $service = $machine->service;

        return [
            $this->byMonths(
                'loaded-test', 'Test under load', ServiceDates::LOADED_TEST, $this->last(LogKind::LoadedTest, LogKind::Outage),
                'A start without load proves nothing about the storm.', $machine->name,
            ),
            ...$form->isStandby() || $form->isBattery() ? [] : [$this->byMonths(
                'start', 'Start it and let it run', ServiceDates::START, $this->last(...self::ran()),
                'An engine that never runs does not start.',
                $machine->name,
            )],
            ...$form->isBattery() ? [] : [
                $this->byHours(
                    'oil', 'Oil and oil filter', $this->oilH($machine, $this->log->last(LogKind::Oil) === null), LogKind::Oil,
                    ServiceDates::OIL, 'A weekly exercise of minutes takes years to reach the hours: it is due by the calendar too.',
                    $machine->name,
                ),
                ...$service->airFilterH === null ? [] : [$this->byHours(
                    'air-filter', 'Air filter', $service->airFilterH, LogKind::AirFilter, null, 'An engine that cannot breathe gives less.',
                    $machine->name,
                )],
                ...$service->plugsH === null ? [] : [$this->byHours(
                    'plugs', 'Spark plugs', $service->plugsH, LogKind::Plugs, null, 'Worn plugs start badly in the cold.', $machine->name,
                )],
                ...$service->valvesH === null ? [] : [$this->byHours(
                    'valves', 'Valves', $service->valvesH, LogKind::Valves, null, 'Valves that hang burn.', $machine->name,
                )],
            ],
            ...$form->isStandby() ? [$this->byMonths(
                'battery', 'Starting battery: measure, replace', ServiceDates::BATTERY, $this->last(LogKind::BatteryReplaced),
                'A flat battery is why a standby stays still.', $machine->name,
            )] : [],
            ...$this->design->way()?->transfersByItself() === true ? [] : [$this->byMonths(
                'practice', 'Practice of the card', ServiceDates::PRACTICE, $this->lastDryRun(), 'Anybody who may be home can do it.',
                $machine->name,
            )],
            ...$this->fuel(),
        ];
    }

    /** @return list<CareItem> gasoline that is stored, since it was bought or filled in last */
    private function fuel(): array
    {
        $kept = $this->design->job->fuelKept;
        $bought = max($kept->boughtOn, $this->last(LogKind::Fuel));
        $day = CivilDay::ofAnyYear($bought);
        $days = $kept->treated === true ? FuelFacts::GASOLINE_TREATED_DAYS : FuelFacts::GASOLINE_DAYS;

        return $day === null || $this->design->supply()?->fuel !== Fuel::Gasoline ? [] : [new CareItem(
            'fuel', 'Stored gasoline goes stale', 'fuel', null, null, $bought, CivilDay::iso($day + $days), 'days', null,
            'Burn it in a car before, and buy anew.',
        )];
    }

    /** @return list<CareItem> each automatic switch by itself */
    private function ofSwitches(): array
    {
        if ($this->design->way()?->transfersByItself() !== true) {
            return [];
        }
        $switches = $this->design->assembly()?->components(ComponentKind::Switch) ?? [];

        return array_map(fn (Component $switch): CareItem => $this->byMonths(
            count($switches) === 1 ? 'transfer-switch' : "transfer-$switch->id", 'Service of the transfer switch',
            ServiceDates::TRANSFER_SWITCH,
            $this->lastService($switch->name), 'By a qualified person, locked out.', $switch->name,
        ), $switches);
    }

    private function byMonths(string $key, string $title, int $months, string $last, string $why, string $of): CareItem
    {
        return new CareItem(
            $key, $title, $of, $months, null, $last, MonthsLater::of($last === '' ? $this->begun : $last, $months), 'days', null, $why,
        );
    }

    private function byHours(string $key, string $title, float $everyH, LogKind $kind, ?int $months, string $why, string $of): CareItem
    {
        $entry = $this->log->last($kind);
        $lastH = $entry === null ? 0.0 : $entry->hours ?? $this->at($entry->on);
        $due = $this->hours->due(new ServiceItem(
            $key, $everyH, $months === null ? null : $months * self::DAYS_A_MONTH, $entry->on ?? ($this->begun <= $this->today
                ? $this->begun : null),
            min($lastH, $this->hours->latest() ?? $lastH),
        ));
        $byMonths = $months === null ? null : MonthsLater::of($entry->on ?? $this->begun, $months);
        $isByHours = $due->by === 'hours';
        $byHours = $due->on !== null && $due->on <= MonthsLater::of($this->today, self::FARTHEST_MONTHS) ? $due->on : null;

        return new CareItem(
            $key, $title, $of, $months, $everyH, $entry->on ?? '', $isByHours ? $byHours : $byMonths, $isByHours ? 'hours' : 'days',
            $due->hoursLeft,
            $why,
        );
    }

    /** What the hour meter showed on a day, or before it. */
    private function at(string $on): float
    {
        $hours = 0.0;
        foreach ($this->readings() as $reading) {
            $hours = $reading->date <= $on ? $reading->hours : $hours;
        }

        return $hours;
    }

    /** The manual first; else at the first time sooner, since what wears off in a new engine swims in its oil. */
    private function oilH(Machine $machine, bool $isFirst): float
    {
        $isStandby = $machine->form->isStandby();

        return $isFirst
            ? $machine->service->firstOilH ?? ($isStandby ? ServiceDates::FIRST_OIL_STANDBY_H : ServiceDates::FIRST_OIL_PORTABLE_H)
            : $machine->service->oilH ?? ($isStandby ? ServiceDates::OIL_STANDBY_H : ServiceDates::OIL_PORTABLE_H);
    }

    /** @return non-empty-list<LogKind> */
    private static function ran(): array
    {
        return [LogKind::Start, LogKind::Exercise, LogKind::LoadedTest, LogKind::Outage];
    }

    private function last(LogKind ...$kinds): string
    {
        return $this->log->last(...$kinds)->on ?? '';
    }

    private function lastDryRun(): string
    {
        return max(['', ...array_column($this->design->job->work->dryRuns, 'on')]);
    }

    private function lastService(string $switch): string
    {
        $services = $this->log->of($switch);

        return $services === [] ? '' : $services[count($services) - 1]->on;
    }

    /** @return list<HourReading> of the log, one a day; one that goes back, as of another meter, is left out */
    private function readings(): array
    {
        $byDay = [];
        foreach ($this->log->entries as $entry) {
            if ($entry->hours !== null) {
                $byDay[$entry->on] = max($byDay[$entry->on] ?? 0.0, $entry->hours);
            }
        }
        ksort($byDay);
        $readings = [];
        $most = 0.0;
        foreach ($byDay as $day => $hours) {
            if ($hours >= $most) {
                $readings[] = new HourReading((string) $day, $hours);
                $most = $hours;
            }
        }

        return $readings;
    }
}
