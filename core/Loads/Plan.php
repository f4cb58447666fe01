<?php

declare(strict_types=1);

namespace Underpin\Loads;

use Underpin\Codebook\SplitPhase;
use Underpin\Demand\Worksheet;
use Underpin\Job\Circuit;
use Underpin\Job\Job;
use Underpin\Job\Load;
use Underpin\Job\LoadBasis;
use Underpin\Job\Role;
use Underpin\Job\Season;
use Underpin\Legs\Draw;
use Underpin\Legs\LegCurrents;
use Underpin\Say;

/** The circuits by role, and what the ones that must run put on the legs. */
final readonly class Plan
{
    /** @var list<Circuit> */
    public array $must;

    /** @var list<Circuit> */
    public array $room;

    /** @var list<Circuit> */
    public array $off;

    /** in the half of the year that loads a leg more */
    public LegCurrents $running;

    /**
     * @param  list<Circuit>  $circuits
     * @param  float  $floorVa  what the legs together carry at least, by the code's load calculation
     * @param  ?Season  $season  the half of the year that it is of; null: the whole
     */
    public function __construct(array $circuits, public float $floorVa = 0.0, public ?Season $season = null)
    {
        $of = fn (Role $role): array => array_values(array_filter($circuits, fn (Circuit $c): bool => $c->role === $role));
        $this->must = $of(Role::Must);
        $this->room = $of(Role::Room);
        $this->off = $of(Role::Off);
        $all = $this->seasons();
        $running = count($all) > 1
            ? array_map(fn (self $plan): LegCurrents => $plan->running, $all)
            : [LegCurrents::of(self::drawsOf($this->must))->atLeast($floorVa / SplitPhase::BETWEEN_LEGS_V)];
        usort($running, fn (LegCurrents $x, LegCurrents $y): int => $y->worstAmps() <=> $x->worstAmps());
        $this->running = $running[0];
    }

    public static function of(Job $job): self
    {
        return new self($job->drawingCircuits(), self::floorVa($job));
    }

    /** What the dwelling draws by the code's calculation, when sizing is to use that; volt-amperes. */
    private static function floorVa(Job $job): float
    {
        return $job->basis->use === LoadBasis::Calculate && $job->basis->demand !== null
            ? Worksheet::of($job->basis->demand)->demandVa
            : 0.0;
    }

    /**
     * What runs at the same time: this plan, or one for each half of the year where a load runs in one of them only.
     *
     * @return non-empty-list<self>
     */
    public function seasons(): array
    {
        $isSeasonal = fn (Load $load): bool => $load->season !== null;
        foreach ($this->season === null ? [...$this->must, ...$this->room] : [] as $circuit) {
            if (array_filter($circuit->loads, $isSeasonal) !== []) {
                $halves = array_map($this->in(...), Season::cases());
                // A half of the year in which nothing of what must run is there says nothing of the machine.
                $asks = array_values(array_filter($halves, fn (self $plan): bool => $plan->must !== [] || $this->must === []));

                return $asks === [] ? [$this] : $asks;
            }
        }

        return [$this];
    }

    private function in(Season $season): self
    {
        $circuits = [];
        foreach ([...$this->must, ...$this->room, ...$this->off] as $circuit) {
            $there = $circuit->in($season);
            if ($there->loads !== [] || $circuit->loads === []) {
                $circuits[] = $there;
            }
        }

        return new self($circuits, $this->floorVa, $season);
    }

    /** @return list<Circuit> that must run, with no figure for what they draw */
    public function figuresMissing(): array
    {
        return array_values(array_filter($this->must, fn (Circuit $c): bool => $c->figuresMissing()));
    }

    /** @return list<Load> motors on circuits that must run, with no figure for their start */
    public function startsMissing(): array
    {
        $loads = array_merge([], ...array_map(fn (Circuit $c): array => $c->loads, $this->must));

        return array_values(array_filter($loads, fn (Load $load): bool => $load->startIsMissing()));
    }

    /** "2 circuits that must run have no watts": what keeps the plan from being judged whole; empty: nothing does. */
    public function missingWords(): string
    {
        $figures = count($this->figuresMissing());
        $starts = count($this->startsMissing());

        return Say::list([
            ...$figures === 0 ? [] : [Say::count($figures, 'circuit').' that must run '.($figures === 1 ? 'has' : 'have').' no watts'],
            ...$starts === 0 ? [] : [Say::count($starts, 'load').' '.($starts === 1 ? 'has' : 'have').' no starting watts'],
        ]);
    }

    /**
     * @param  list<Circuit>  $circuits
     * @return list<Draw>
     */
    public static function drawsOf(array $circuits): array
    {
        return array_merge([], ...array_map(fn (Circuit $c): array => $c->draws(), $circuits));
    }

    /** In the best order, in the half of the year whose highest moment is higher. */
    public function worstStarting(): StartSequence
    {
        $each = array_map(fn (self $plan): StartSequence => $plan->starting(), $this->seasons());
        usort($each, fn (StartSequence $x, StartSequence $y): int => $y->peakAmps() <=> $x->peakAmps());

        return $each[0];
    }

    /**
     * The same plan with every circuit as the generator sees it.
     *
     * @param  callable(Circuit): Circuit  $seen
     */
    public function each(callable $seen): self
    {
        return new self(array_map($seen, [...$this->must, ...$this->room, ...$this->off]), $this->floorVa, $this->season);
    }

    /** In the best order, where no machine says on which hot each leg hangs. */
    public function starting(): StartSequence
    {
        return StartOrder::inGivenOrder(StartOrder::sorted(array_map(Starter::of(...), $this->must)));
    }
}
