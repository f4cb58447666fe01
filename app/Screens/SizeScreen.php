<?php

declare(strict_types=1);

namespace App\Screens;

use App\Models\Machine as MachineRow;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Plot\SpareChart;
use Underpin\Fuel\FuelPlan;
use Underpin\Job\Circuit;
use Underpin\Job\Fuel;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Machine;
use Underpin\Job\Machine\MachineGaps;
use Underpin\Job\Role;
use Underpin\Say;
use Underpin\Sizing\Fit;
use Underpin\Sizing\Ranking;
use Underpin\Sizing\Recommendation;
use Underpin\Sizing\StartTable;
use Underpin\Sizing\Verdict;

/** The shop's catalogue against one job. */
final readonly class SizeScreen
{
    public const MOST_BESIDE = 5;

    /** A field for each machine that is ticked, by this and its id: forms of the app are flat. */
    public const BESIDE = 'beside_';

    private const WIDE = 1000;

    private const NARROW = 400;

    /**
     * @param  list<Fit>  $fits  best first
     * @param  list<Fit>  $beside  that are put side by side
     */
    private function __construct(public array $fits, public ?Fuel $fuel, public array $beside, private JobFile $job)
    {
    }

    /** @param  list<string>  $beside  ids of what is put side by side */
    public static function of(JobScreen $screen, string $fuel, array $beside = []): self
    {
        $only = Fuel::tryFrom($fuel);
        $machines = MachineRow::query()->where('shop_id', $screen->row->shop_id)->where('retired', false)->orderBy('price_usd')->get();
        $fits = Ranking::of(
            $screen->design()->onGenerator(), array_values(array_map(fn (MachineRow $row): Machine => $row->core(), $machines->all())),
            $screen->job->generator->marginPct, $screen->job->site, $only,
        );
        $chosen = array_values(array_filter($fits, fn (Fit $fit): bool => in_array($fit->supply->id(), $beside, true)));

        return new self($fits, $only, array_slice($chosen, 0, self::MOST_BESIDE), $screen->design()->sized());
    }

    public function isPicked(Fit $fit, JobScreen $screen): bool
    {
        return $screen->job->generator->machine?->id === $fit->supply->machine->id && $screen->job->generator->fuel === $fit->supply->fuel;
    }

    public function picture(JobScreen $screen): Drawing
    {
        $picked = array_values(array_filter($this->fits, fn (Fit $fit): bool => $this->isPicked($fit, $screen)))[0] ?? null;
        $width = JobScreen::boardSize()->isStacked ? self::NARROW : self::WIDE;

        return (new SpareChart($this->fits, $screen->job->generator->marginPct, $picked?->supply->id() ?? '', $width))->drawing();
    }

    /** @return array{list<Fit>, list<Fit>} on a fuel that is there, and on one that is not */
    public function byPlace(): array
    {
        $isAway = fn (Fit $fit): bool => $fit->supply->fuelIsMissing();

        return [array_values(array_filter($this->fits, fn (Fit $f): bool => ! $isAway($f))), array_values(array_filter($this->fits,
            $isAway))];
    }

    /**
     * What can run together on a machine, and what waits.
     *
     * @return array<string, string> sentence by its head
     */
    public function together(Fit $fit): array
    {
        $set = $fit->together();
        $titles = fn (array $circuits, int $most): string => Say::list(
            array_values(array_map(fn (Circuit $c): string => $c->title(), $circuits)), $most,
        );
        $isShort = $fit->verdict === Verdict::Short;
        $also = array_values(array_filter($set->on, fn (Circuit $c): bool => $c->role === Role::Room));

        return array_filter([
            $isShort ? 'The best it can run together' : 'Room beside what must run' => $isShort
                ? ($titles($set->on, 12) ?: 'nothing')
                : ($fit->plan->room === [] ? '' : ($titles($also, 12) ?: 'none')),
            $isShort ? 'Must wait or take turns' : 'Take turns' => $titles($set->waiting, 12),
            'Medical, without room: needs a larger machine or another source' => $titles($set->medicalWaiting, 6),
            'No figures, so not weighed' => $titles($set->unweighed, 6),
        ]);
    }

    /** @return list<string> which of those side by side to take, and why */
    public function recommendation(): array
    {
        return $this->beside === [] ? [] : Recommendation::among($this->beside, $this->job->basis->use);
    }

    private static function dip(Fit $fit): string
    {
        $starts = new StartTable($fit);
        $deepest = $starts->deepestPct();

        return $deepest === null
            ? 'none told: electronics'
            : number_format($deepest, 1).' % of '.Say::pct($starts->limitPct());
    }

    private static function hours(?float $hours): string
    {
        return $hours === null ? 'not known, or none' : Say::figure($hours).' h';
    }

    private function threeDays(Fit $fit): string
    {
        foreach (FuelPlan::of($fit, $this->job)->days() as $day) {
            if ($day->days === 3) {
                return number_format($day->units).($fit->supply->fuel === Fuel::NaturalGas ? ' ft³' : ' gal').', all at once';
            }
        }

        return 'not known';
    }

    /** @return array<string, list<string>> a cell for each machine that is put side by side, by what it says */
    public function rowsBeside(): array
    {
        $each = fn (callable $cell): array => array_map($cell, $this->beside);
        $known = fn (?float $value, string $unit): string => $value === null ? 'not known' : number_format($value).' '.$unit;

        return [
            'How it stands' => $each(fn (Fit $f): string => $f->words()->standing()),
            'Running, here' => $each(fn (Fit $f): string => Say::watts($f->supply->runW())),
            'For a moment, here' => $each(
                fn (Fit $f): string => $f->supply->rating->peakW === null ? 'not known' : Say::watts($f->supply->peakW()),
            ),
            'Leg A of its limit' => $each(
                fn (Fit $f): string => Say::amps($f->running->aAmps).' of '.Say::amps($f->supply->runLimitAmps()),
            ),
            'Leg B of its limit' => $each(fn (Fit $f): string => $f->supply->feedsBothLegs()
                ? Say::amps($f->running->bAmps).' of '.Say::amps($f->supply->runLimitAmps())
                : 'one hot wire'),
            'Worst start of its limit' => $each(
                fn (Fit $f): string => Say::amps($f->starting->peakAmps()).' of '.Say::amps($f->supply->surgeLimitAmps()),
            ),
            'Free on the worse leg' => $each(fn (Fit $f): string => Say::pct($f->sparePct())),
            'Deepest dip at a start' => $each(self::dip(...)),
            'Own tank, at these loads' => $each(fn (Fit $f): string => self::hours(FuelPlan::of($f, $this->job)->tankHours())),
            'Fuel for three days' => $each($this->threeDays(...)),
            'Must be left off' => $each(fn (Fit $f): string => $f->verdict === Verdict::Short
                ? Say::list(array_map(fn (Circuit $c): string => $c->title(), [...$f->cannotFeed, ...$f->together()->waiting]), 4)
                : 'nothing that must run'),
            'Price' => $each(fn (Fit $f): string => $f->supply->machine->priceUsd === null
                ? 'not known'
                : '$'.number_format($f->supply->machine->priceUsd)),
            'Kind' => $each(fn (Fit $f): string => $f->supply->machine->form->words()),
            'Outlet or breaker' => $each(fn (Fit $f): string => $f->supply->machine->outlet->value.' '
                .''.$f->supply->machine->outletAmps.' A'),
            'Neutral' => $each(fn (Fit $f): string => $f->supply->machine->bond->value ?? 'not known'),
            'Noise' => $each(fn (Fit $f): string => $f->supply->machine->housing->noiseDb === null
                ? 'not known'
                : Say::figure($f->supply->machine->housing->noiseDb).' dB(A) at '.Say::figure($f->supply->machine->housing->noiseFt).' ft'),
            'Weight' => $each(fn (Fit $f): string => $known($f->supply->machine->housing->weightLb, 'lb')),
            'Not known' => $each(fn (Fit $f): string => Say::list(array_keys(MachineGaps::of($f->supply->machine)), 3) ?: 'nothing'),
        ];
    }
}
