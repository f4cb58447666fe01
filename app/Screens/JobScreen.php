<?php

declare(strict_types=1);

namespace App\Screens;

use App\JobFile\EditedJob;
use App\JobFile\JobEditor;
use App\Models\Job;
use App\Models\JobChange;
use Underpin\Checks\Facts;
use Underpin\Checks\Finding;
use Underpin\Checks\Review;
use Underpin\Checks\StageReport;
use Underpin\JobFile\JobFile;
use Underpin\Service\Circuit;
use Underpin\Service\Panel;
use Underpin\Sizing\LegStrip;
use Underpin\Stage;

/** What every page of a job shows, and which stage and circuit it is open at. */
final readonly class JobScreen
{
    public LegStrip $strip;

    /** @var list<StageReport> */
    public array $stages;

    public ?JobChange $undo;

    public ?JobChange $redo;

    public function __construct(
        public Job $row,
        public JobFile $job,
        public Review $review,
        public Stage $stage,
        public ?string $at = null,
        public ?int $newSpace = null,
        public ?string $newPanel = null,
    ) {
        $this->strip = LegStrip::of($review->facts);
        $this->stages = StageReport::all($review);
        $steps = $row->changes()->with('user')->whereIn('seq', [$row->history_at, $row->history_at + 1])->get()->keyBy('seq');
        $this->undo = $steps->get($row->history_at);
        $this->redo = $steps->get($row->history_at + 1);
    }

    public static function open(Job $row, Stage $stage, ?string $at = null, ?int $newSpace = null, ?string $newPanel = null): self
    {
        return self::of(JobEditor::open($row), $stage, $at, $newSpace, $newPanel);
    }

    public static function of(EditedJob $edited, Stage $stage, ?string $at = null, ?int $newSpace = null, ?string $newPanel = null): self
    {
        return new self($edited->row, $edited->job, $edited->review, $stage, $at, $newSpace, $newPanel);
    }

    public function facts(): Facts
    {
        return $this->review->facts;
    }

    public function report(): StageReport
    {
        foreach ($this->stages as $report) {
            if ($report->stage === $this->stage) {
                return $report;
            }
        }

        return StageReport::of($this->stage, $this->review);
    }

    /** The circuit that is selected, if it is still there. */
    public function circuit(): ?Circuit
    {
        foreach ($this->job->circuits() as $circuit) {
            if ($circuit->id === $this->at) {
                return $circuit;
            }
        }

        return null;
    }

    public function panelOf(Circuit $circuit): ?Panel
    {
        foreach ($this->job->panels as $panel) {
            if (in_array($circuit, $panel->circuits, true)) {
                return $panel;
            }
        }

        return null;
    }

    /** @return list<Finding> of the selected circuit, whatever stage they belong to */
    public function ownFindings(): array
    {
        return $this->at === null ? [] : $this->review->onCircuit($this->at);
    }

    /** @return list<Finding> of this stage, without those of the selected circuit */
    public function findings(): array
    {
        $own = $this->ownFindings();

        return array_values(array_filter($this->review->on($this->stage), fn (Finding $f): bool => ! in_array($f, $own, true)));
    }
}
