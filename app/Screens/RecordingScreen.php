<?php

declare(strict_types=1);

namespace App\Screens;

use App\Models\Recording;
use App\Recordings\RecordingRows;
use Illuminate\Support\Facades\Cache;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Plot\RecordingPlot;
use Underpin\Job\Circuit;
use Underpin\Job\Job;
use Underpin\Job\Role;
use Underpin\Legs\LegCurrents;
use Underpin\Loads\Plan;
use Underpin\Measure\Mark;
use Underpin\Measure\Offer;
use Underpin\Measure\Offers;
use Underpin\Measure\RecordingSummary;
use Underpin\Measure\RecordingTally;
use Underpin\Measure\Step;
use Underpin\Measure\StepFinder;
use Underpin\Say;

/** A recording, its figures and the steps found in it. */
final readonly class RecordingScreen
{
    /** While it runs, steps are looked for in its last minutes. */
    public const LIVE_MS = 180_000;

    /** steps without a mark that are listed */
    private const MOST_UNMARKED = 30;

    /** amperes that a picture shows at least */
    private const LEAST_TOP_A = 5.0;

    /**
     * @param  list<Mark>  $marks  in the order of time
     * @param  list<Offer>  $offers
     * @param  LegCurrents  $notRun  what must run and was not marked here, by the list
     */
    private function __construct(
        public Recording $recording,
        public ?Drawing $plot,
        public ?RecordingSummary $summary,
        public array $marks,
        public array $offers,
        public LegCurrents $notRun,
    ) {
    }

    public static function of(Recording $recording, Job $job): self
    {
        return self::since(0, $recording, $job);
    }

    /** Only what is new, while it runs. */
    public static function live(Recording $recording, Job $job): self
    {
        return self::since(max(0, (RecordingRows::lastMs($recording) ?? 0) - self::LIVE_MS), $recording, $job);
    }

    /**
     * Steps that were found do not vanish when the readings that they were found in are not looked at any more: what is older than the
     * newer half of the window is final, and is kept beside the recording.
     *
     * @param  list<Step>  $fresh
     * @return list<Step> in the order of time
     */
    private static function withEarlier(Recording $recording, int $fromMs, array $fresh): array
    {
        $key = "steps of recording $recording->id";
        $kept = Cache::get($key);
        $final = $fromMs + intdiv(self::LIVE_MS, 2);
        $old = array_filter(is_array($kept) && $fromMs > 0 ? $kept : [], fn (mixed $step): bool => is_array($step) && $step[0] < $final);
        $steps = [
            ...array_map(fn (array $step): Step => new Step(...$step), array_values($old)),
            ...array_filter($fresh, fn (Step $step): bool => $fromMs === 0 || $step->atMs >= $final),
        ];
        Cache::put($key, array_map(fn (Step $s): array => array_values(get_object_vars($s)), $steps), now()->addDay());

        return $steps;
    }

    /** @return array<string, Offer> what can be taken together and is not yet, by the id of the circuit */
    public function agreeing(): array
    {
        return array_filter(Offers::agreeing($this->offers), fn (Offer $offer): bool => ! self::isTaken($offer));
    }

    /** The circuit has the very figures of this step already. */
    public static function isTaken(Offer $offer): bool
    {
        $there = $offer->circuit?->measured;
        $new = $offer->step->measured('');

        return $there !== null && abs($there->runAmps - $new->runAmps) < 0.005 && $there->leg === $new->leg;
    }

    /** In one pass: a recording may last a day. */
    private static function since(int $ms, Recording $recording, Job $job): self
    {
        $span = RecordingRows::span($recording);
        $plot = $span === null ? null : new RecordingPlot(max($ms, $span[0]), $span[1], self::LEAST_TOP_A);
        $tally = new RecordingTally;
        $finder = new StepFinder;
        $marks = RecordingRows::marks($recording);
        foreach (RecordingRows::readings($recording, $ms) as $reading) {
            $plot?->add($reading);
            $tally->add($reading);
            $finder->add($reading);
        }

        return new self(
            $recording, $plot?->drawing($marks, self::titles($job)), $tally->summary(), $marks,
            Offers::of(self::withEarlier($recording, $ms, $finder->steps()), $marks, $job->drawingCircuits()),
            self::notRun($marks, $job),
        );
    }

    /**
     * A day of cycling loads has thousands of steps: those that were marked, and the newest of the rest.
     *
     * @return list<Offer> the newest first
     */
    public function listed(): array
    {
        $unmarked = 0;

        return array_values(array_filter($this->offers, function (Offer $offer) use (&$unmarked): bool {
            return $offer->mark !== null || ++$unmarked <= self::MOST_UNMARKED;
        }));
    }

    /**
     * The circuits that a recording can be about: those that are to run, first.
     *
     * @return array<string, string> by id
     */
    public static function circuitNames(Job $job): array
    {
        $circuits = $job->drawingCircuits();
        usort(
            $circuits,
            fn (Circuit $x, Circuit $y): int => array_search($x->role, Role::cases(), true) <=> array_search($y->role, Role::cases(), true),
        );
        $names = [];
        foreach ($circuits as $circuit) {
            $names[$circuit->id] = $circuit->title().', '.$circuit->leg()->words();
        }

        return $names;
    }

    /** @return array<string, string> number and name of every circuit, by id */
    private static function titles(Job $job): array
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
        $spare = $this->summary->spareAmps($this->recording->inlet_a, $this->recording->buffer_a);

        return $spare >= 0
            ? sprintf('A %d A inlet leaves %s on the worse leg.', $this->recording->inlet_a, Say::amps($spare))
            : sprintf('A %d A inlet is short by %s on the worse leg.', $this->recording->inlet_a, Say::amps(-$spare));
    }

    /** @param  list<Mark>  $marks */
    private static function notRun(array $marks, Job $job): LegCurrents
    {
        $marked = array_map(fn (Mark $m): ?string => $m->circuitId, $marks);

        return LegCurrents::of(Plan::drawsOf(array_values(array_filter(
            $job->drawingCircuits(),
            fn (Circuit $c): bool => $c->role === Role::Must && ! in_array($c->id, $marked, true),
        ))));
    }
}
