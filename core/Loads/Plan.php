<?php

declare(strict_types=1);

namespace Underpin\Loads;

use Underpin\JobFile\JobFile;
use Underpin\Service\Circuit;
use Underpin\Sizing\Starter;
use Underpin\Sizing\StartOrder;
use Underpin\Sizing\StartSequence;

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

    public StartSequence $starting;

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
        $this->running = LegCurrents::of(self::drawsOf($this->must))->atLeast($floorVa / 240);
        $this->starting = self::startingOf($this->must);
    }

    public static function of(JobFile $job): self
    {
        return new self($job->drawingCircuits(), $job->floorVa());
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

    /**
     * The best starting order.
     *
     * @param  list<Circuit>  $circuits
     */
    public static function startingOf(array $circuits): StartSequence
    {
        $starters = array_map(fn (Circuit $c): Starter => $c->starter(), $circuits);

        return StartOrder::inGivenOrder(StartOrder::sorted($starters));
    }
}
