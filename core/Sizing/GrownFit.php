<?php

declare(strict_types=1);

namespace Underpin\Sizing;

use Underpin\Assembly\Assembly;
use Underpin\Job\Circuit;
use Underpin\Job\GrowthLoad;
use Underpin\Job\Load;
use Underpin\Job\Position;
use Underpin\Job\Role;
use Underpin\Limit;
use Underpin\Loads\Plan;
use Underpin\Say;

/**
 * Would it still hold with more? The machine against what must run and what may come, a 120 V load on the leg that carries less; and
 * which part gives first. NEC 2023 702.4.
 */
final readonly class GrownFit
{
    private function __construct(public string $name, public Fit $fit, private CurrentLimits $limits, private int $poles)
    {
    }

    /**
     * Each by itself, then all together where there are several.
     *
     * @param  list<GrowthLoad>  $loads
     * @return list<self>
     */
    public static function each(Fit $fit, ?Assembly $built, array $loads): array
    {
        $sets = array_map(fn (GrowthLoad $load): array => [$load], $loads);

        return array_map(
            fn (array $set): self => self::with($fit, $built, $set), count($loads) > 1 ? [...$sets, $loads] : $sets,
        );
    }

    /** @param  list<GrowthLoad>  $loads */
    private static function with(Fit $fit, ?Assembly $built, array $loads): self
    {
        $circuits = $fit->plan->must;
        $poles = 0;
        foreach ($loads as $i => $load) {
            $running = Fit::runningOn($fit->supply, $circuits);
            $isTwo = $load->volts === 240;
            // Space 1 hangs on leg A, space 3 on leg B.
            $space = ! $isTwo && Limit::over($running->aAmps, $running->bAmps) ? 3 : 1;
            $poles += $isTwo ? 2 : 1;
            $circuits[] = new Circuit(
                "growth-$load->id", new Position($space, $isTwo ? 2 : 1), Circuit::MOST_A, $load->name, role: Role::Must,
                loads: [new Load("growth-$load->id", $load->name, $load->kind, $load->runW, $load->startW ?? $load->runW)],
            );
        }
        $grown = Fit::of(new Plan($circuits, $fit->plan->floorVa), $fit->supply, $fit->marginPct);
        $names = Say::list(array_map(fn (GrowthLoad $load): string => $load->name, $loads), 4);

        return new self(count($loads) > 1 ? "All of it: $names" : $names, $grown, new CurrentLimits($grown, $built), $poles);
    }

    /** "Still holds", or which part gives first and by how much. */
    public function words(int $freeSpaces): string
    {
        $fit = $this->fit;
        $spaces = $this->poles > $freeSpaces ? sprintf(
            ' %s free in the panel, and it takes %d.', Say::count($freeSpaces, 'space').($freeSpaces === 1 ? ' is' : ' are'), $this->poles,
        ) : '';

        return match (true) {
            $fit->cannotFeed !== [] => 'It gets no 240 V from this machine.',
            $this->limits->spareAmps() < -Limit::SLACK => sprintf(
                '%s gives first: %s too much on leg %s.', ucfirst($this->limits->binding()->name), Say::amps(-$this->limits->spareAmps()),
                $fit->running->worstLeg()->value,
            ),
            $fit->overSurge() => sprintf(
                'The start gives first: %s, of %s for a moment.', Say::amps($fit->starting->peakAmps()),
                Say::amps($fit->supply->surgeLimitAmps()),
            ),
            $fit->verdict === Verdict::Unknown => $fit->words()->standing().'.',
            $fit->restartIsOver() => sprintf(
                'Holds in the right order only: a start by itself reaches %s, of %s.', Say::amps($fit->restartAmps),
                Say::amps($fit->supply->surgeLimitAmps()),
            ),
            $fit->verdict === Verdict::Tight => sprintf(
                'Holds, but the margin of %s gives: %s stay free.', Say::pct($fit->marginPct), Say::pct($fit->sparePct()),
            ),
            default => sprintf('Still holds, with %s free on the worse leg.', Say::pct($fit->sparePct())),
        }.$spaces;
    }
}
