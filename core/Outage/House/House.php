<?php

declare(strict_types=1);

namespace Underpin\Outage\House;

use Underpin\Codebook\SoftStarters;
use Underpin\Design\Design;
use Underpin\Dice;
use Underpin\Job\Circuit;
use Underpin\Job\Load;
use Underpin\Outage\Machine\Protection;
use Underpin\Outage\Machine\Protections;
use Underpin\Outage\Order;
use Underpin\Outage\Scenario;
use Underpin\Outage\Trial;
use Underpin\Sizing\Fit;
use Underpin\Sizing\Supply;

/** What an outage is acted out with: the circuits in the order in which they are brought on, their loads, the machine, its fuel. */
final readonly class House
{
    public Supply $supply;

    /** @var list<HouseCircuit> in the order in which they are brought on */
    public array $circuits;

    /** @var list<HouseLoad> */
    public array $loads;

    /** @var list<string> titles of circuits that must run, or keep somebody alive, and get nothing from this machine as it is planned */
    public array $unfed;

    /** @var list<string> titles of circuits whose watts nobody knows, and of those whose starts nobody knows: they count as none */
    public array $unknown;

    /** @var list<int> places of circuits that are shed by themselves, the first to go first */
    public array $shedding;

    public ?Tank $tank;

    public Weather $weather;

    /** an automatic switch starts and transfers, whoever is at home */
    public bool $startsByItself;

    /** it has no engine that warms up */
    public bool $isBattery;

    /**
     * @param  list<Circuit>  $circuits
     * @param  list<Circuit>  $unfed
     */
    private function __construct(public Trial $trial, Design $design, array $circuits, array $unfed, public Scenario $scenario)
    {
        $this->unfed = array_map(fn (Circuit $c): string => $c->title(), $unfed);
        $this->unknown = array_values(array_map(
            fn (Circuit $c): string => $c->title(), array_filter($circuits, fn (Circuit $c): bool => $c->figuresOrStartsMissing()),
        ));
        $this->supply = $supply = $trial->supply;
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

    /** Null: there is nothing that the machine could feed. */
    public static function of(Design $design, Scenario $scenario, Trial $trial): ?self
    {
        $dead = array_map(fn (Circuit $c): string => $c->id, $design->connection()->dead ?? []);
        $plan = $design->onGenerator();
        $reached = array_values(array_filter(
            [...$plan->must, ...$trial->withRoom ? $plan->room : []],
            fn (Circuit $c): bool => ! in_array($c->id, [...$dead, ...$trial->without], true) && $trial->supply->canFeed($c),
        ));
        $reached = array_map(fn (Circuit $c): Circuit => $c->id === $trial->softStarted ? self::softStarted($c) : $c, $reached);

        $ids = array_map(fn (Circuit $c): string => $c->id, [...$reached]);
        // What keeps somebody alive is missed whatever its mark is.
        $wanted = [...$plan->must, ...array_filter([...$plan->room, ...$plan->off], fn (Circuit $c): bool => $c->isMedical())];
        $unfed = array_filter($wanted, fn (Circuit $c): bool => ! in_array($c->id, [...$ids, ...$trial->without], true));

        return $reached === [] ? null : new self($trial, $design, self::ordered($trial, $reached), array_values($unfed), $scenario);
    }

    /**
     * @param  list<Circuit>  $circuits  as they hang in the panel
     * @return list<Circuit>
     */
    private static function ordered(Trial $trial, array $circuits): array
    {
        if ($trial->order !== Order::Best) {
            return $circuits;
        }
        $byId = [];
        foreach ($circuits as $circuit) {
            $byId[" $circuit->id"] = $circuit;
        }

        return array_map(fn (string $id): Circuit => $byId[" $id"], Fit::startingOn($trial->supply, $circuits)->order());
    }

    private static function softStarted(Circuit $circuit): Circuit
    {
        return $circuit->with(loads: array_map(fn (Load $load): Load => $load->kind->isMotor() && $load->startW !== null
            ? $load->with(startW: max($load->knownRunW(), $load->startW * SoftStarters::LEAVES_PCT / 100))
            : $load, $circuit->loads));
    }

    /** @return list<Protection> */
    public function protections(): array
    {
        return Protections::of($this->supply, $this->trial->idles && $this->supply->machine->plate->idleMode !== false);
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
