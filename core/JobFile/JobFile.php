<?php

declare(strict_types=1);

namespace Underpin\JobFile;

use Underpin\Codebook\LocalRules;
use Underpin\Connection\ConnectionKind;
use Underpin\Loads\Demand\DemandInputs;
use Underpin\Outage\StartSchool;
use Underpin\Refused;
use Underpin\Service\Circuit;
use Underpin\Service\ExistingEquipment;
use Underpin\Service\Panel;
use Underpin\Service\SiteFacts;
use Underpin\Sizing\Supply;
use Underpin\Wiring\WireRun;

/** Everything that is known of one job: the facts and the choices, never a result. */
final readonly class JobFile
{
    /**
     * @param  ?int  $serviceA  rating of the service; null: not looked at yet
     * @param  float  $marginPct  how much of the machine's running limit to keep free
     * @param  list<Panel>  $panels
     * @param  ?Supply  $supply  the machine picked, with its fuel
     * @param  string  $rulesProfile  key of the profile that the local rules were taken from; empty: none
     * @param  ?DemandInputs  $demand  of the code's load calculation; null: not begun
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
    ) {
        if ($name === '') {
            throw new Refused('name', 'name: a job needs a name.');
        }
        if ($serviceA !== null && ($serviceA < 30 || $serviceA > 600)) {
            throw new Refused('service_a', 'service_a must be from 30 to 600 A.');
        }
        if ($marginPct < 0 || $marginPct > 90) {
            throw new Refused('margin_pct', 'margin_pct must be from 0 to 90 %.');
        }
    }

    /** The same job under other local rules. */
    public function withRules(LocalRules $rules): self
    {
        return new self(
            $this->name, $this->customer, $rules, $this->serviceA, $this->marginPct, $this->panels, $this->supply, $this->connection,
            $this->wire, $this->school, $this->notes, $this->existing, $this->site, $this->demand, $this->rulesProfile,
        );
    }

    /** @return list<Circuit> of all panels */
    public function circuits(): array
    {
        return array_merge([], ...array_map(fn (Panel $panel): array => $panel->circuits, $this->panels));
    }

    /** The panel that a generator would be connected to: the first. */
    public function panel(): ?Panel
    {
        return $this->panels[0] ?? null;
    }
}
