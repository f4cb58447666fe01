<?php

declare(strict_types=1);

namespace Underpin\JobFile;

use Underpin\Codebook\LocalRules;
use Underpin\Connection\ConnectionKind;
use Underpin\Loads\Demand\DemandInputs;
use Underpin\Loads\Interval\Recorded;
use Underpin\Loads\School;
use Underpin\Outage\StartSchool;
use Underpin\Refused;
use Underpin\Service\Chain;
use Underpin\Service\Circuit;
use Underpin\Service\ExistingEquipment;
use Underpin\Service\Panel;
use Underpin\Service\Service;
use Underpin\Service\SiteFacts;
use Underpin\Sizing\Supply;
use Underpin\Wiring\WireRun;

/** Everything that is known of one job: the facts and the choices, never a result. */
final readonly class JobFile
{
    /** smallest and largest service, amperes */
    public const LEAST_SERVICE_A = 30;

    public const MOST_SERVICE_A = 600;

    public const MOST_MARGIN_PCT = 90.0;

    /**
     * @param  ?int  $serviceA  rating of the service; null: not looked at yet
     * @param  float  $marginPct  how much of the machine's running limit to keep free
     * @param  list<Panel>  $panels
     * @param  ?Supply  $supply  the machine picked, with its fuel
     * @param  string  $rulesProfile  key of the profile that the local rules were taken from; empty: none
     * @param  ?DemandInputs  $demand  of the code's load calculation; null: not begun
     * @param  School  $figures  which of the three ways of knowing the loads sizing uses
     * @param  string  $figuresReason  why that one
     * @param  ?Recorded  $recorded  peak of the utility's interval data; null: not brought in
     */
    public function __construct(
        public string $name,
        public Customer $customer = new Customer,
        public LocalRules $rules = new LocalRules,
        public ?int $serviceA = null,
        public float $marginPct = 20.0,
        public array $panels = [],
        public ?Supply $supply = null,
        public ?ConnectionKind $connection = null,
        public WireRun $wire = new WireRun,
        public StartSchool $school = StartSchool::WarmFirst,
        public string $notes = '',
        public ExistingEquipment $existing = new ExistingEquipment,
        public SiteFacts $site = new SiteFacts,
        public ?DemandInputs $demand = null,
        public string $rulesProfile = '',
        public Service $service = new Service,
        public School $figures = School::List,
        public string $figuresReason = '',
        public ?Recorded $recorded = null,
    ) {
        if ($name === '') {
            throw new Refused('name', 'name: a job needs a name.');
        }
        if ($serviceA !== null && ($serviceA < self::LEAST_SERVICE_A || $serviceA > self::MOST_SERVICE_A)) {
            throw new Refused('service_a', sprintf('service_a must be from %d to %d A.', self::LEAST_SERVICE_A, self::MOST_SERVICE_A));
        }
        if ($marginPct < 0 || $marginPct > self::MOST_MARGIN_PCT) {
            throw new Refused('margin_pct', sprintf('margin_pct must be from 0 to %d %%.', self::MOST_MARGIN_PCT));
        }
    }

    /** The same job under other local rules. */
    public function withRules(LocalRules $rules): self
    {
        return $this->with(['rules' => $rules]);
    }

    /** The same job with the figures of its circuits that sizing is to use. */
    public function asSized(): self
    {
        return $this->figures === School::Measure
            ? $this->with(['panels' => array_map(fn (Panel $panel): Panel => $panel->asMeasured(), $this->panels)])
            : $this;
    }

    /** What the dwelling draws by the code's calculation, when sizing is to use that; volt-amperes. */
    public function floorVa(): float
    {
        return $this->figures === School::Calculate ? $this->demand?->worksheet()->demandVa ?? 0.0 : 0.0;
    }

    public function chain(): Chain
    {
        return new Chain($this->service, $this->panels);
    }

    /** @return list<Circuit> of all panels */
    public function circuits(): array
    {
        return array_merge([], ...array_map(fn (Panel $panel): array => $panel->circuits, $this->panels));
    }

    /** @return list<Circuit> of a panel and of every panel that it feeds */
    public function circuitsBehind(Panel $panel): array
    {
        $behind = $this->chain()->behind($panel->id);

        return array_merge([], ...array_map(fn (Panel $p): array => in_array($p->id, $behind, true) ? $p->circuits : [], $this->panels));
    }

    /** @return list<Circuit> that draw something of their own: all but the feeders */
    public function drawingCircuits(): array
    {
        $feeders = $this->feeders();

        return $feeders === [] ? $this->circuits() : array_values(array_filter($this->circuits(), fn (Circuit $c): bool => ! in_array($c, $feeders, true)));
    }

    /** @return list<Circuit> breakers that feed another panel; what hangs there is counted there */
    public function feeders(): array
    {
        return array_values(array_filter(array_map($this->feederOf(...), $this->panels)));
    }

    /** The breaker that feeds a panel, where it is a circuit of the panel before it. */
    public function feederOf(Panel $panel): ?Circuit
    {
        foreach ($panel->feederCircuit === '' ? [] : $this->panels as $from) {
            if ($from->id === $panel->fedFrom) {
                return $from->circuit($panel->feederCircuit);
            }
        }

        return null;
    }

    /** The panel that holds a circuit. */
    public function panelWith(string $circuitId): ?Panel
    {
        foreach ($this->panels as $panel) {
            if ($panel->circuit($circuitId) !== null) {
                return $panel;
            }
        }

        return null;
    }

    /** The panel that a generator would be connected to: the first. */
    public function panel(): ?Panel
    {
        return $this->panels[0] ?? null;
    }

    /** @param  array<string, mixed>  $changes */
    private function with(array $changes): self
    {
        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return new self(...[...get_object_vars($this), ...$changes]);
    }
}
