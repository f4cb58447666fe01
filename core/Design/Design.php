<?php

declare(strict_types=1);

namespace Underpin\Design;

use Underpin\Assembly\Assembly;
use Underpin\Connection\DerivedSystem;
use Underpin\Connection\NeutralBond;
use Underpin\Connection\Signs;
use Underpin\Connection\Situation;
use Underpin\Connection\Way;
use Underpin\Connection\Ways;
use Underpin\Connection\WayVerdict;
use Underpin\Fuel\FuelChoice;
use Underpin\Fuel\FuelPlan;
use Underpin\Job\Circuit;
use Underpin\Job\Job;
use Underpin\Loads\Plan;
use Underpin\Placement\PlannedPlace;
use Underpin\Refused;
use Underpin\Service\Distribution;
use Underpin\Sizing\Fit;
use Underpin\Sizing\Supply;
use Underpin\Sizing\Turns\DayOfTurns;

/**
 * What follows from a job, each thing worked out when it is first asked for, and once. Checks,
 * stages, drawings and papers take it from here; none builds a plan of its own.
 */
final class Design
{
    public readonly Ways $ways;

    private ?Situation $situation = null;

    private ?Fit $fit = null;

    private ?Plan $onGenerator = null;

    /** @var array<string, WayVerdict> by key of the way */
    private array $verdicts = [];

    /** @var array<string, Assembly|Refused> by key of the way */
    private array $built = [];

    /** @var ?list<PlannedPlace> */
    private ?array $places = null;

    private ?FuelPlan $fuel = null;

    private ?DayOfTurns $turns = null;

    public function __construct(public readonly Job $job, ?Ways $ways = null)
    {
        $this->ways = $ways ?? Ways::standard();
    }

    /** The job as it is sized, its plan, its distribution and the supply, for whoever judges a way on it. */
    public function situation(): Situation
    {
        if ($this->situation === null) {
            $sized = $this->job->asSized();
            $sized = $sized->with($sized->wire->along($this->job->plan));
            $this->situation = new Situation(
                $sized, Plan::of($sized), Distribution::of($sized), Supply::of($this->job->generator, $this->job->site),
            );
        }

        return $this->situation;
    }

    /** The machine at its spot on the site plan; null: it has none, or its size is not known. */
    public function place(): ?PlannedPlace
    {
        return $this->places()[0] ?? null;
    }

    /** @return list<PlannedPlace> of every machine that is placed, the first one first */
    public function places(): array
    {
        return $this->places ??= PlannedPlace::all($this->job);
    }

    /** What keeps the machine running at the loads of this job; null: none is picked. */
    public function fuel(): ?FuelPlan
    {
        $fit = $this->fit();

        return $fit === null ? null : $this->fuel ??= FuelPlan::of($fit, $this->job);
    }

    /** @return list<FuelChoice> the machine on each of its fuels; empty: none is picked */
    public function fuels(): array
    {
        $machine = $this->supply()?->machine;

        return $machine === null ? [] : FuelChoice::of($machine, $this->onGenerator(), $this->sized());
    }

    /** The job with the figures that sizing uses: listed, measured or calculated. */
    public function sized(): Job
    {
        return $this->situation()->job;
    }

    public function plan(): Plan
    {
        return $this->situation()->plan;
    }

    public function distribution(): Distribution
    {
        return $this->situation()->distribution;
    }

    /** Null: no machine is picked. */
    public function supply(): ?Supply
    {
        return $this->situation()->supply;
    }

    /** Null: no machine is picked. */
    public function fit(): ?Fit
    {
        $supply = $this->supply();

        return $supply === null ? null : $this->fit ??= Fit::of($this->onGenerator(), $supply, $this->job->generator->marginPct);
    }

    /** A day in which what must run takes turns on the machine that is picked; null: it fits together, or no machine is picked. */
    public function turns(): ?DayOfTurns
    {
        $supply = $this->supply();
        if ($supply === null) {
            return null;
        }
        $fed = array_values(array_filter($this->powered(), fn (Circuit $c): bool => $supply->canFeed($c)));

        return $this->turns ??= DayOfTurns::of($supply, $fed);
    }

    /** The plan with every circuit on the leg that it hangs on when the generator feeds it, by the way that was picked. */
    public function onGenerator(): Plan
    {
        return $this->onGenerator ??= $this->way()?->onGenerator($this->situation()) ?? $this->plan();
    }

    /** Null: no way of connecting is picked. */
    public function way(): ?Way
    {
        return $this->ways->find($this->job->connection->way);
    }

    /** @return list<Circuit> what must run and gets power by the way that was picked, on the legs that it then hangs on */
    public function powered(): array
    {
        $dead = array_map(fn (Circuit $c): string => $c->id, $this->connection()->dead ?? []);

        return array_values(array_filter($this->onGenerator()->must, fn (Circuit $c): bool => ! in_array($c->id, $dead, true)));
    }

    /** @return list<Circuit> the same in the order in which they are brought on */
    public function startOrder(): array
    {
        $supply = $this->supply();
        $circuits = [];
        foreach ($supply === null ? $this->plan()->must : $this->powered() as $circuit) {
            $circuits[" $circuit->id"] = $circuit;
        }
        $order = $supply === null ? $this->plan()->starting() : Fit::startingOn($supply, array_values($circuits));

        return array_map(fn (string $id): Circuit => $circuits[" $id"], $order->order());
    }

    /** What the way that was picked means here; null: none is picked. */
    public function connection(): ?WayVerdict
    {
        $way = $this->way();

        return $way === null ? null : $this->verdict($way);
    }

    /** @return list<WayVerdict> of every way */
    public function connections(): array
    {
        return array_map($this->verdict(...), $this->ways->all());
    }

    /** The thing that will be built; null: no machine or no way is picked, or no conductor fits. */
    public function assembly(): ?Assembly
    {
        $built = $this->built();

        return $built instanceof Assembly ? $built : null;
    }

    /** The thing that a way would build, whether or not it is the one that was picked. */
    public function assemblyBy(Way $way): ?Assembly
    {
        $built = $this->builtBy($way);

        return $built instanceof Assembly ? $built : null;
    }

    /** Why there is none although machine and way are picked. */
    public function assemblyRefused(): ?Refused
    {
        $built = $this->built();

        return $built instanceof Refused ? $built : null;
    }

    private function verdict(Way $way): WayVerdict
    {
        return $this->verdicts[$way->key()] ??= $way->verdict($this->situation());
    }

    /** What the way adds, with what every wired one needs: where neutral and ground meet, and the signs. */
    private function finished(Way $way, Supply $supply): Assembly
    {
        $built = $way->assemble($this->situation(), $supply);
        $switches = $way->switchesNeutral($this->situation());

        $whole = $way->isWired() ? $built->with(
            NeutralBond::of($supply, $switches),
            ...DerivedSystem::parts($supply, $switches, $built),
            ...(new Signs($way, $this->situation(), $supply, $built))->all(),
        ) : $built;

        return $whole->measured(array_column($this->situation()->job->wire->lengths, 'ft', 'id'));
    }

    private function built(): Assembly|Refused|null
    {
        $way = $this->way();

        return $way === null ? null : $this->builtBy($way);
    }

    private function builtBy(Way $way): Assembly|Refused|null
    {
        $supply = $this->supply();
        if ($supply === null) {
            return null;
        }
        try {
            return $this->built[$way->key()] ??= $this->finished($way, $supply);
        } catch (Refused $refused) {
            return $this->built[$way->key()] = $refused;
        }
    }
}
