<?php

declare(strict_types=1);

namespace Underpin\Rehearsal;

use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\ConductorKind;
use Underpin\Connection\Way;
use Underpin\Design\Design;
use Underpin\Job\Circuit;
use Underpin\Job\Feeders;
use Underpin\Job\Fuel;
use Underpin\Job\Job;
use Underpin\Job\Role;
use Underpin\Job\StartRoutine;
use Underpin\Legs\Draw;
use Underpin\Legs\LegCurrents;
use Underpin\Sizing\Supply;

/** The house of a design as it is rehearsed: what can be thrown, what hangs on it, and what the machine carries. */
final readonly class House
{
    /** @param  array<string, Circuit>  $circuits  by id with a blank before it, on the legs that they have on the generator */
    private function __construct(
        public Design $design, public Way $way, public Supply $supply, public Arrangement $arrangement, public array $circuits,
    ) {
    }

    /** Null: no machine or no way is picked, or nothing would run. */
    public static function of(Design $design): ?self
    {
        $way = $design->way();
        $supply = $design->supply();
        if ($way === null || $supply === null) {
            return null;
        }
        $arrangement = Arrangement::of($way, $design->situation());
        $plan = $design->onGenerator();
        $reached = array_map(fn (Circuit $c): string => $c->id, [
            ...$design->powered(), ...$design->connection()->powers ?? [], ...$way->switchesAtPanel() ? $plan->off : [],
        ]);
        $circuits = [];
        foreach ([...$plan->must, ...$plan->room, ...$plan->off] as $circuit) {
            if (in_array($circuit->id, $reached, true) && ! $circuit->isSpare() && $supply->canFeed($circuit)) {
                $circuits[" $circuit->id"] = $circuit;
            }
        }

        if ($way->switchesAtPanel()) {
            $circuits += self::feeders($design->job, array_column($circuits, 'id'));
        }

        // As they hang on the wall: by the places of the switch, else panel after panel.
        $layout = $way->layout($design->situation());
        $panels = array_flip(array_column($design->job->service->panels, 'id'));
        $at = fn (Circuit $c): array => [
            $layout?->placeOf($c) ?? 0, $panels[$design->job->panelWith($c->id)->id ?? ''] ?? 0, $c->position->space,
            $c->position->half?->value,
        ];
        uasort($circuits, fn (Circuit $x, Circuit $y): int => $at($x) <=> $at($y));

        return $circuits === [] || $design->powered() === [] ? null : new self($design, $way, $supply, $arrangement, $circuits);
    }

    public function circuit(string $id): ?Circuit
    {
        return $this->circuits[" $id"] ?? null;
    }

    /** @return list<string> ids of what must run, in the order of the card */
    public function order(): array
    {
        $ids = array_map(fn (Circuit $c): string => $c->id, $this->design->startOrder());

        return array_values(array_filter(
            $this->way->switchesAtPanel() ? Feeders::inOrder($this->design->job, $ids) : $ids,
            fn (string $id): bool => $this->circuit($id) !== null,
        ));
    }

    /**
     * Those of these that have power behind the breakers of their feeders.
     *
     * @param  list<string>  $on  ids of circuits whose breakers are on
     * @return list<string>
     */
    public function behindFeeders(array $on): array
    {
        $isOff = fn (string $feeder): bool => $this->circuit($feeder) !== null && ! in_array($feeder, $on, true);

        return array_values(array_filter($on, fn (string $id): bool => array_filter(
            array_diff(Feeders::inOrder($this->design->job, [$id]), [$id]), $isOff,
        ) === []));
    }

    public function isFeeder(string $id): bool
    {
        return in_array($id, array_map(fn (Circuit $c): string => $c->id, $this->design->job->feeders()), true);
    }

    /**
     * The breakers of feeders to these, by id with a blank before it: they carry what is on behind them, and nothing of their own.
     *
     * @param  list<string>  $ids
     * @return array<string, Circuit>
     */
    private static function feeders(Job $job, array $ids): array
    {
        $feeders = [];
        foreach (array_diff(Feeders::inOrder($job, $ids), $ids) as $id) {
            $feeder = $job->panelWith($id)?->circuit($id);
            if ($feeder !== null) {
                $feeders[" $id"] = $feeder->with(loads: [], role: Role::Must);
            }
        }

        return $feeders;
    }

    public function hasEngine(): bool
    {
        return ! $this->supply->machine->form->isBattery();
    }

    /** It is carried out and started by hand. */
    public function isPortable(): bool
    {
        return ! $this->supply->machine->form->isStandby();
    }

    public function hasCord(): bool
    {
        return $this->isPortable() && $this->arrangement !== Arrangement::Cords;
    }

    /** Nobody plugs it in at the house: it hangs there. */
    public function cordStays(): bool
    {
        return $this->cordEnd()?->kind === ComponentKind::Box;
    }

    /** "the inlet", or what else the cord goes into at the house. */
    public function inletWords(): string
    {
        $end = $this->cordEnd();

        return $end === null || $end->kind === ComponentKind::Inlet ? 'the inlet' : 'the '.lcfirst($end->name);
    }

    private function cordEnd(): ?Component
    {
        $built = $this->design->assembly();
        $end = $built?->conductor(ConductorKind::Cord)->to ?? '';

        return array_values(array_filter($built?->components() ?? [], fn (Component $c): bool => $c->id === $end))[0] ?? null;
    }

    public function hasValve(): bool
    {
        return $this->hasEngine() && $this->isPortable() && $this->supply->fuel !== Fuel::Stored;
    }

    public function hasPlate(): bool
    {
        return $this->arrangement === Arrangement::Plate;
    }

    public function cordFirst(): bool
    {
        return $this->design->job->connection->routine !== StartRoutine::WarmFirst;
    }

    /**
     * What the legs carry with these on, by the same rule as everywhere.
     *
     * @param  list<string>  $ids
     */
    public function legs(array $ids): LegCurrents
    {
        $draws = [];
        foreach (array_filter(array_map($this->circuit(...), $ids)) as $circuit) {
            foreach ($circuit->loads as $load) {
                $draws[] = new Draw($load->id, $this->supply->hotFor($circuit->legOf($load)), $load->knownRunW(), $load->pf);
            }
        }

        return LegCurrents::of($draws);
    }

    /**
     * Amperes on leg A and B for the moment in which some start while others run.
     *
     * @param  list<string>  $running
     * @param  list<string>  $starting
     * @return array{float, float}
     */
    public function moment(array $running, array $starting): array
    {
        $legs = $this->legs($running);
        [$a, $b] = [$legs->aAmps, $legs->bAmps];
        foreach ($starting as $id) {
            $circuit = $this->circuit($id);
            $leg = $circuit === null ? null : $this->supply->hotFor($circuit->leg());
            $a += $leg?->onA() === true ? $circuit->startAmps() : 0.0;
            $b += $leg?->onB() === true ? $circuit->startAmps() : 0.0;
        }

        return [$a, $b];
    }
}
