<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Job\Log\Log;
use Underpin\Job\Part\JobParts;
use Underpin\Job\Plan\SitePlan;
use Underpin\Job\Quote\Quotes;
use Underpin\Job\Work\Work;

/**
 * Everything that is known of one job: the facts and the choices, never a result. It is made of a
 * few parts, each a value of its own class; a part that nothing is known of is there all the same.
 */
final readonly class Job
{
    public const MOST_PANELS = 20;

    private const PARTS = [
        Customer::class, Authority::class, Service::class, Generator::class, Connection::class, WireRun::class, Site::class, Basis::class,
        SetAside::class, SitePlan::class, FuelKept::class, Offer::class, Quotes::class, Agreed::class,
        Work::class, Log::class, Growth::class,
    ];

    /** characters of the id of a panel, a circuit, a load, a machine or a disconnect */
    public const LONGEST_ID = 60;

    public Customer $customer;

    public Authority $authority;

    public Service $service;

    public Generator $generator;

    public Connection $connection;

    public WireRun $wire;

    public Site $site;

    public Basis $basis;

    public SetAside $setAside;

    public SitePlan $plan;

    public FuelKept $fuelKept;

    public Offer $offer;

    public Quotes $quotes;

    public Agreed $agreed;

    public Work $work;

    public Log $log;

    public Growth $growth;

    /** @var array<class-string, object> every part by its class */
    private array $parts;

    public function __construct(public string $name, object ...$parts)
    {
        JobParts::name()->read($name);
        $byClass = [];
        foreach ($parts as $part) {
            $byClass[$part::class] = $part;
        }
        foreach (self::PARTS as $class) {
            $byClass[$class] ??= new $class;
        }
        $this->parts = $byClass;
        $this->customer = $this->part(Customer::class);
        $this->authority = $this->part(Authority::class);
        $this->service = $this->part(Service::class);
        $this->generator = $this->part(Generator::class);
        $this->connection = $this->part(Connection::class);
        $this->wire = $this->part(WireRun::class);
        $this->site = $this->part(Site::class);
        $this->basis = $this->part(Basis::class);
        $this->setAside = $this->part(SetAside::class);
        $this->plan = $this->part(SitePlan::class);
        $this->fuelKept = $this->part(FuelKept::class);
        $this->offer = $this->part(Offer::class);
        $this->quotes = $this->part(Quotes::class);
        $this->agreed = $this->part(Agreed::class);
        $this->work = $this->part(Work::class);
        $this->log = $this->part(Log::class);
        $this->growth = $this->part(Growth::class);
    }

    /** The same job with other parts in the place of those of their class. */
    public function with(object ...$parts): self
    {
        return new self($this->name, ...array_values($this->parts), ...array_values($parts));
    }

    public function named(string $name): self
    {
        return new self($name, ...array_values($this->parts));
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @return T one that knows nothing, where the job has none
     */
    public function part(string $class): object
    {
        $part = $this->parts[$class] ?? null;

        return $part instanceof $class ? $part : new $class;
    }

    /** The same job with the figures of its circuits that sizing is to use. */
    public function asSized(): self
    {
        return $this->basis->use === LoadBasis::Measure
            ? $this->with($this->service->with(panels: array_map(fn (Panel $panel): Panel => $panel->asMeasured(), $this->service->panels)))
            : $this;
    }

    /** @return list<Circuit> of all panels */
    public function circuits(): array
    {
        return array_merge([], ...array_map(fn (Panel $panel): array => $panel->circuits, $this->service->panels));
    }

    /** @return list<Circuit> that draw something of their own: all but the feeders */
    public function drawingCircuits(): array
    {
        $feeders = $this->feeders();

        return $feeders === []
            ? $this->circuits()
            : array_values(array_filter($this->circuits(), fn (Circuit $c): bool => ! in_array($c, $feeders, true)));
    }

    /** @return list<Circuit> breakers that feed another panel; what hangs there is counted there */
    public function feeders(): array
    {
        return array_values(array_filter(array_map($this->feederOf(...), $this->service->panels)));
    }

    /** The breaker that feeds a panel, where it is a circuit of the panel before it. */
    public function feederOf(Panel $panel): ?Circuit
    {
        return $panel->feederCircuit === '' ? null : $this->service->panel($panel->fedFrom)?->circuit($panel->feederCircuit);
    }

    /**
     * The day that was noted for it, else that on which the last step of the commissioning was done.
     *
     * @return string YYYY-MM-DD; empty: not handed over, as far as anybody noted
     */
    public function handedOverOn(): string
    {
        $noted = $this->agreed->step('hand-over')->doneOn;

        return $noted !== '' ? $noted : substr($this->work->step(Work::HANDED_OVER)->at ?? '', 0, 10);
    }

    /** The panel that holds a circuit. */
    public function panelWith(string $circuitId): ?Panel
    {
        foreach ($this->service->panels as $panel) {
            if ($panel->circuit($circuitId) !== null) {
                return $panel;
            }
        }

        return null;
    }

    /** The panel that a generator would be connected to: the first. */
    public function panel(): ?Panel
    {
        return $this->service->panels[0] ?? null;
    }
}
