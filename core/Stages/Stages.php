<?php

declare(strict_types=1);

namespace Underpin\Stages;

use LogicException;
use Underpin\Checks\Review;
use Underpin\StageKey;

/** The stages in the order the work is done: the registry that the spine, the keys and the jobs board follow. */
final readonly class Stages
{
    /** @param  non-empty-list<Stage>  $stages */
    public function __construct(private array $stages)
    {
    }

    public static function standard(): self
    {
        return new self([new SurveyStage, new LoadsStage, new SizeStage, new ConnectStage, new WireStage, new PlaceStage, new PriceStage,
            new InstallStage, new ProveStage, new RunStage, new KeepStage,
        ]);
    }

    public function with(Stage $stage): self
    {
        return new self([...$this->stages, $stage]);
    }

    /** @return non-empty-list<Stage> */
    public function all(): array
    {
        return $this->stages;
    }

    public function find(StageKey $key): ?Stage
    {
        foreach ($this->stages as $stage) {
            if ($stage->key() === $key) {
                return $stage;
            }
        }

        return null;
    }

    public function get(StageKey $key): Stage
    {
        return $this->find($key) ?? throw new LogicException("There is no stage '$key->value'.");
    }

    /** The one after it; null after the last. */
    public function after(StageKey $key): ?Stage
    {
        foreach ($this->stages as $i => $stage) {
            if ($stage->key() === $key) {
                return $this->stages[$i + 1] ?? null;
            }
        }

        return null;
    }

    /** @return list<StageReport> of every stage, in order */
    public function reports(Review $review): array
    {
        return array_map(fn (Stage $stage): StageReport => StageReport::of($stage, $review), $this->stages);
    }

    /**
     * The furthest stage that the job has come to.
     *
     * @param  list<StageReport>  $reports
     */
    public function reached(array $reports): Stage
    {
        $reached = $this->stages[0];
        $isBefore = true;
        foreach ($reports as $report) {
            $counts = $report->progress->isAtLeast($report->stage->countsFrom()) && ($isBefore || ! $report->stage instanceof DerivedStage);
            $reached = $counts ? $report->stage : $reached;
            $isBefore = $counts;
        }

        return $reached;
    }
}
