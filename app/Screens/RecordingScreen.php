<?php

declare(strict_types=1);

namespace App\Screens;

use App\Models\Recording;
use App\Recordings\RecordingRows;
use Underpin\JobFile\JobFile;
use Underpin\Loads\LegCurrents;
use Underpin\Loads\Measure\Mark;
use Underpin\Loads\Measure\Offer;
use Underpin\Loads\Measure\Offers;
use Underpin\Loads\Measure\Reading;
use Underpin\Loads\Measure\RecordingSummary;
use Underpin\Loads\Measure\StepFinder;
use Underpin\Loads\Plan;
use Underpin\Loads\Role;
use Underpin\Say;
use Underpin\Service\Circuit;

/** A recording, its figures and the steps found in it. */
final readonly class RecordingScreen
{
    /** While it runs, steps are looked for in its last minutes. */
    public const LIVE_MS = 180_000;

    /**
     * @param  list<Reading>  $readings
     * @param  list<Offer>  $offers
     * @param  LegCurrents  $notRun  what must run and was not marked here, by the list
     */
    private function __construct(public Recording $recording, public array $readings, public ?RecordingSummary $summary, public array $offers, public LegCurrents $notRun)
    {
    }

    public static function of(Recording $recording, JobFile $job): self
    {
        $readings = RecordingRows::readings($recording);

        return new self($recording, $readings, RecordingSummary::of($readings), self::offersOf($recording, $readings, $job), self::notRunIn($recording, $job));
    }

    /** Only what is new, while it runs. */
    public static function live(Recording $recording, JobFile $job): self
    {
        $readings = RecordingRows::readings($recording, max(0, (RecordingRows::lastMs($recording) ?? 0) - self::LIVE_MS));

        return new self($recording, $readings, RecordingSummary::of($readings), self::offersOf($recording, $readings, $job), self::notRunIn($recording, $job));
    }

    public static function clock(int $ms): string
    {
        $s = intdiv($ms, 1000);

        return $s >= 3600 ? sprintf('%d:%02d:%02d', intdiv($s, 3600), intdiv($s % 3600, 60), $s % 60) : sprintf('%d:%02d', intdiv($s, 60), $s % 60);
    }

    /**
     * The circuits that a recording can be about: those that are to run, first.
     *
     * @return array<string, string> by id
     */
    public static function circuitNames(JobFile $job): array
    {
        $circuits = $job->drawingCircuits();
        usort($circuits, fn (Circuit $x, Circuit $y): int => array_search($x->role, Role::cases(), true) <=> array_search($y->role, Role::cases(), true));
        $names = [];
        foreach ($circuits as $circuit) {
            $names[$circuit->id] = $circuit->title().', leg '.$circuit->leg()->value;
        }

        return $names;
    }

    /** @return array<string, string> number and name of every circuit, by id */
    public static function titles(JobFile $job): array
    {
        $titles = [];
        foreach ($job->circuits() as $circuit) {
            $titles[$circuit->id] = $circuit->title();
        }

        return $titles;
    }

    public function inletWords(): string
    {
        if ($this->summary === null) {
            return '';
        }
        $spare = $this->summary->spareA($this->recording->inlet_a, $this->recording->buffer_a);

        return $spare >= 0
            ? sprintf('A %d A inlet leaves %s on the worse leg.', $this->recording->inlet_a, Say::amps($spare))
            : sprintf('A %d A inlet is short by %s on the worse leg.', $this->recording->inlet_a, Say::amps(-$spare));
    }

    private static function notRunIn(Recording $recording, JobFile $job): LegCurrents
    {
        $marked = array_map(fn (Mark $m): ?string => $m->circuitId, RecordingRows::marks($recording));

        return LegCurrents::of(Plan::drawsOf(array_values(array_filter(
            $job->drawingCircuits(),
            fn (Circuit $c): bool => $c->role === Role::Must && ! in_array($c->id, $marked, true),
        ))));
    }

    /**
     * @param  list<Reading>  $readings
     * @return list<Offer>
     */
    private static function offersOf(Recording $recording, array $readings, JobFile $job): array
    {
        return Offers::of(StepFinder::find($readings), RecordingRows::marks($recording), $job->drawingCircuits());
    }
}
