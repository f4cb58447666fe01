<?php

declare(strict_types=1);

namespace App\Screens;

use App\JobFile\EditedJob;
use App\JobFile\JobEditor;
use App\JobFile\Steps;
use App\Models\Job;
use App\Screens\Pages\StagePage;
use App\Screens\Pages\StagePages;
use Underpin\Checks\Finding;
use Underpin\Checks\Review;
use Underpin\Design\Design;
use Underpin\Drawing\Board\BoardSize;
use Underpin\Drawing\Board\Highlights;
use Underpin\Drawing\Board\PanelBoard;
use Underpin\Drawing\Spot;
use Underpin\Drawing\Strip\LegStrip;
use Underpin\Drawing\Writer\SvgPage;
use Underpin\Exchange\JobPatch;
use Underpin\Job\Circuit;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Panel;
use Underpin\Job\SetAsideAdvice;
use Underpin\Pricing\Quoting\QuoteDrift;
use Underpin\StageKey;
use Underpin\Stages\StageReport;
use Underpin\Stages\Stages;

/** What every page of a job shows, and which stage and circuit it is open at. */
final readonly class JobScreen
{
    public LegStrip $strip;

    /** @var list<StageReport> */
    public array $stages;

    public Steps $steps;

    public StageLinks $links;

    public StagePage $page;

    /** what has just been changed; null: the job was only opened */
    public ?JobPatch $patch;

    private function __construct(
        public Job $row,
        public JobFile $job,
        public Review $review,
        EditedJob $edited,
        public StageKey $stage,
        public ?string $at,
        public ?int $newSpace,
        public ?string $newPanel,
    ) {
        $this->strip = LegStrip::of($review->design);
        $this->stages = Stages::standard()->reports($review);
        $this->steps = $edited->steps();
        $this->links = new StageLinks($row->id);
        $this->page = StagePages::standard()->of($stage);
        $this->patch = $edited->patch;
    }

    public static function open(Job $row, StageKey $stage, ?string $at = null, ?int $newSpace = null, ?string $newPanel = null): self
    {
        return self::of(JobEditor::open($row), $stage, $at, $newSpace, $newPanel);
    }

    public static function of(EditedJob $edited, StageKey $stage, ?string $at = null, ?int $newSpace = null, ?string $newPanel = null): self
    {
        return new self($edited->row, $edited->job, $edited->review, $edited, $stage, $at, $newSpace, $newPanel);
    }

    public function design(): Design
    {
        return $this->review->design;
    }

    public function report(): StageReport
    {
        foreach ($this->stages as $report) {
            if ($report->stage->key() === $this->stage) {
                return $report;
            }
        }

        return StageReport::of(Stages::standard()->get($this->stage), $this->review);
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

    /**
     * The circuits that are drawn anew by themselves: those that were changed, and those whose flag
     * is another than the browser shows.
     *
     * @return list<Circuit>
     */
    public function redrawn(): array
    {
        $flags = request()->headers->has('X-Flagged') ? explode(',', (string) request()->headers->get('X-Flagged')) : null;
        $flagged = $this->review->flaggedCircuits();
        $others = $flags === null ? [] : [...array_diff($flagged, $flags), ...array_diff($flags, $flagged)];
        $ids = [...$this->patch?->circuits() ?? [], ...$others];

        return array_values(array_filter($this->job->circuits(), fn (Circuit $c): bool => in_array($c->id, $ids, true)));
    }

    public function panelOf(Circuit $circuit): ?Panel
    {
        return $this->job->panelWith($circuit->id);
    }

    /** The device says how wide it is: a board for the hand has other proportions, not smaller letters. */
    public static function boardSize(): BoardSize
    {
        return request()->cookie('narrow') === '1' ? BoardSize::narrow() : BoardSize::wide();
    }

    public function board(Panel $panel): PanelBoard
    {
        return new PanelBoard($panel, $this->design(), new Highlights(
            $this->at, $this->newPanel, $this->newSpace, $this->review->flaggedCircuits(),
        ), self::boardSize());
    }

    /** The markup of one breaker, to take the place of the one on the page. */
    public function breaker(Circuit $circuit): string
    {
        $panel = $this->panelOf($circuit);
        if ($panel === null) {
            return '';
        }
        $board = $this->board($panel);

        return SvgPage::element($board->breaker($circuit), $board->sheet(), $this->address(...));
    }

    /** The address of what a link of a drawing leads to. A free space is filled in the survey. */
    public function address(Spot $spot): string
    {
        if ($spot->part !== null) {
            return $this->links->to(StageKey::Wire)."#graph-$spot->part";
        }

        if ($spot->onPlan !== null) {
            return $this->links->to(StageKey::PlaceAndFuel)."#on-plan-$spot->onPlan";
        }

        if ($spot->candidate !== null) {
            return "#fit-$spot->candidate";
        }

        return $spot->circuit === null
            ? $this->links->to(StageKey::Survey, ['panel' => $spot->panel, 'space' => $spot->space])
            : $this->links->to($this->stage, ['at' => $spot->circuit]);
    }

    /** The address at which a finding is mended, with the cursor in its field. */
    public function mend(Finding $finding): string
    {
        $fragment = FindingSpots::fragment($finding);

        return $this->links->to($finding->stage, $finding->circuitId === null ? [] : ['at' => $finding->circuitId])
            .($fragment === '' ? '' : "#$fragment");
    }

    /** @return list<array{Finding, SetAsideAdvice}> advice of this stage that somebody set aside */
    public function setAside(): array
    {
        return array_values(array_filter($this->review->setAside, fn (array $each): bool => $each[0]->stage === $this->stage));
    }

    /** @return list<string> what the design has become since the quote that the job is built by */
    public function drift(): array
    {
        $quote = $this->job->quotes->standing();

        return $quote === null ? [] : QuoteDrift::of($this->design(), $quote);
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
