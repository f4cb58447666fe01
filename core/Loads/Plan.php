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
use Underpin\Legs\Draw;
use Underpin\Legs\LegCurrents;

/** The circuits by role, and what the ones that must run put on the legs. */
final readonly class Plan
{
    /** @var list<Circuit> */
    public array $must;

    /** @var list<Circuit> */
    public array $room;

    /** @var list<Circuit> */
    public array $off;

    public LegCurrents $running;

    /**
     * @param  list<Circuit>  $circuits
     * @param  float  $floorVa  what the legs together carry at least, by the code's load calculation
     */
    public function __construct(array $circuits, public float $floorVa = 0.0)
    {
        $of = fn (Role $role): array => array_values(array_filter($circuits, fn (Circuit $c): bool => $c->role === $role));
        $this->must = $of(Role::Must);
        $this->room = $of(Role::Room);
        $this->off = $of(Role::Off);
        $this->running = LegCurrents::of(self::drawsOf($this->must))->atLeast($floorVa / SplitPhase::BETWEEN_LEGS_V);
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

    /**
     * @param  list<Circuit>  $circuits
     * @return list<Draw>
     */
    public static function drawsOf(array $circuits): array
    {
        return array_merge([], ...array_map(fn (Circuit $c): array => $c->draws(), $circuits));
    }

    /** In the best order, where no machine says on which hot each leg hangs. */
    public function starting(): StartSequence
    {
        return StartOrder::inGivenOrder(StartOrder::sorted(array_map(Starter::of(...), $this->must)));
    }
}
