<?php

declare(strict_types=1);

namespace Underpin\Outage\House;

use Underpin\Dice;
use Underpin\Job\Circuit;
use Underpin\Design\Design;
use Underpin\Outage\Machine\Protection;
use Underpin\Outage\Machine\Protections;
use Underpin\Outage\Scenario;
use Underpin\Sizing\Fit;
use Underpin\Sizing\Supply;

/** What an outage is acted out with: the circuits in the order in which they are brought on, their loads, the machine, its fuel. */
final readonly class House
{
    /** @var list<HouseCircuit> in the order in which they are brought on */
    public array $circuits;

    /** @var list<HouseLoad> */
    public array $loads;

    /** @var list<int> places of circuits that are shed by themselves, the first to go first */
    public array $shedding;

    public ?Tank $tank;

    public Weather $weather;

    /** an automatic switch starts and transfers, whoever is at home */
    public bool $startsByItself;

    /** it has no engine that warms up */
    public bool $isBattery;

    /** @param  list<Circuit>  $circuits */
    private function __construct(public Supply $supply, Design $design, array $circuits, public Scenario $scenario)
    {
        $job = $design->sized();
        $dice = Dice::named($scenario->seed, 'weather');
        $this->weather = new Weather($scenario->season, $job->site, $scenario->startHour, $dice);
        $this->tank = Tank::of($supply, $job);
        $this->startsByItself = $design->way()?->transfersByItself() === true;
        $this->isBattery = $supply->machine->form->isBattery();
        $patterns = new Patterns($scenario->season, $scenario->home, $this->weather, $scenario->seed);
        $houseCircuits = $loads = [];
        foreach ($circuits as $place => $circuit) {
            $own = [];
            foreach ($circuit->loads as $load) {
                if ($load->runsIn($scenario->season)) {
                    $own[] = count($loads);
                    $leg = $circuit->legOf($load);
                    $loads[] = new HouseLoad($place, $load, $supply->hotFor($leg), $leg->volts(), $supply, $patterns->of($load));
                }
            }
            $houseCircuits[] = new HouseCircuit($circuit, $own, $job->connection->shedding($circuit->id));
        }
        $this->circuits = $houseCircuits;
        $this->loads = $loads;
        $shed = array_filter($houseCircuits, fn (HouseCircuit $c): bool => $c->shed !== null && $this->startsByItself);
        uasort($shed, fn (HouseCircuit $x, HouseCircuit $y): int => $x->shed?->priority <=> $y->shed?->priority);
        $this->shedding = array_keys($shed);
    }

    /** Null: no machine is picked, or nothing that it could feed is marked to run. */
    public static function of(Design $design, Scenario $scenario, ?Supply $supply = null): ?self
    {
        $supply ??= $design->supply();
        if ($supply === null) {
            return null;
        }
        $dead = array_map(fn (Circuit $c): string => $c->id, $design->connection()->dead ?? []);
        $plan = $design->onGenerator();
        $reached = array_values(array_filter(
            [...$plan->must, ...$scenario->withRoom ? $plan->room : []],
            fn (Circuit $c): bool => ! in_array($c->id, $dead, true) && $supply->canFeed($c),
        ));
        $circuits = [];
        foreach ($reached as $circuit) {
            $circuits[" $circuit->id"] = $circuit;
        }
        $order = Fit::startingOn($supply, $reached)->order();

        return $reached === [] ? null : new self(
            $supply, $design, array_map(fn (string $id): Circuit => $circuits[" $id"], $order), $scenario,
        );
    }

    /** @return list<Protection> */
    public function protections(): array
    {
        return Protections::of($this->supply, $this->scenario->idles && $this->supply->machine->plate->idleMode !== false);
    }

    /** Place of a circuit; null: it is not among those that the machine feeds. */
    public function place(string $id): ?int
    {
        foreach ($this->circuits as $place => $circuit) {
            if ($circuit->id === $id) {
                return $place;
            }
        }

        return null;
    }
}
