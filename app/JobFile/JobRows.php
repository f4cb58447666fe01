<?php

declare(strict_types=1);

namespace App\JobFile;

use App\Models\Job;
use stdClass;
use Underpin\Codebook\LocalRules;
use Underpin\Codebook\Material;
use Underpin\Connection\ConnectionKind;
use Underpin\JobFile\Customer;
use Underpin\JobFile\JobFile;
use Underpin\JobFile\Section\CircuitSection;
use Underpin\JobFile\Section\ExistingSection;
use Underpin\JobFile\Section\LoadSection;
use Underpin\JobFile\Section\LocalRulesSection;
use Underpin\JobFile\Section\MachineSection;
use Underpin\JobFile\Section\PanelSection;
use Underpin\JobFile\Section\RecordedSection;
use Underpin\JobFile\Section\ServiceSection;
use Underpin\JobFile\Section\SiteSection;
use Underpin\Loads\Demand\DemandInputs;
use Underpin\Loads\Duty;
use Underpin\Loads\Load;
use Underpin\Loads\LoadKind;
use Underpin\Loads\Measure\Measured;
use Underpin\Loads\PhaseOfUse;
use Underpin\Loads\Role;
use Underpin\Loads\School;
use Underpin\Loads\Season;
use Underpin\Outage\StartSchool;
use Underpin\Refused;
use Underpin\Service\Circuit;
use Underpin\Service\ExistingEquipment;
use Underpin\Service\ExistingFault;
use Underpin\Service\Half;
use Underpin\Service\Leg;
use Underpin\Service\Panel;
use Underpin\Service\PanelKind;
use Underpin\Service\Protection;
use Underpin\Service\Service;
use Underpin\Service\Slot;
use Underpin\Service\SpaceList;
use Underpin\Sizing\Fuel;
use Underpin\Sizing\Machine;
use Underpin\Sizing\Supply;
use Underpin\Wiring\WireRun;
use Underpin\Wiring\WiringMethod;

/** The one place where rows become a job file, and a job file becomes rows. */
final class JobRows
{
    /**
     * Three queries whatever the size of the job. Rows are taken as they come, without making a
     * model of each: this runs at every change.
     *
     * @throws Refused when the rows make no sense together
     */
    public static function read(Job $job): JobFile
    {
        $loads = [];
        foreach ($job->loads()->toBase()->orderBy('position')->get() as $load) {
            $loads[$load->circuit_id][] = self::load($load);
        }
        $circuits = [];
        foreach ($job->circuits()->toBase()->orderBy('space')->orderBy('half')->get() as $circuit) {
            $circuits[$circuit->panel_id][] = self::circuit($circuit, $loads[$circuit->id] ?? []);
        }
        $panels = [];
        foreach ($job->panels()->toBase()->orderBy('position')->get() as $panel) {
            $panels[] = self::panel($panel, $circuits[$panel->id] ?? []);
        }

        return new JobFile(
            $job->name,
            new Customer($job->customer_name, $job->customer_address, $job->customer_phone, $job->customer_email),
            self::rules($job->rules),
            $job->service_a,
            $job->margin_pct,
            $panels,
            self::supply($job),
            ConnectionKind::tryFrom($job->connection ?? ''),
            new WireRun(
                $job->cord_ft, $job->run_ft, $job->inlet_a, WiringMethod::from($job->wire_method), Material::from($job->wire_material),
                $job->terminal_c, $job->ambient_c, $job->wet,
            ),
            StartSchool::from($job->start_school),
            $job->notes,
            self::existing($job->existing ?? []),
            SiteSection::read($job->site === null ? null : SiteSection::form()->read(self::object($job->site))),
            $job->demand === null ? null : DemandInputs::from(DemandInputs::form()->read(self::object($job->demand))),
            $job->rules_profile,
            self::service($job->service),
            School::from($job->figures),
            $job->figures_reason,
            RecordedSection::read($job->recorded === null ? null : RecordedSection::form()->read(self::object($job->recorded))),
        );
    }

    /** @return array<string, mixed> the columns of the row in jobs */
    public static function jobColumns(JobFile $job): array
    {
        return [
            'name' => $job->name,
            'customer_name' => $job->customer->name,
            'customer_address' => $job->customer->address,
            'customer_phone' => $job->customer->phone,
            'customer_email' => $job->customer->email,
            'rules' => LocalRulesSection::write($job->rules),
            'rules_profile' => $job->rulesProfile,
            'service_a' => $job->serviceA,
            'margin_pct' => $job->marginPct,
            'machine' => $job->supply === null ? null : MachineSection::write($job->supply->machine),
            'fuel' => $job->supply?->fuel->value,
            'connection' => $job->connection?->value,
            'cord_ft' => $job->wire->cordFt,
            'run_ft' => $job->wire->runFt,
            'inlet_a' => $job->wire->inletA,
            'wire_method' => $job->wire->method->value,
            'wire_material' => $job->wire->material->value,
            'terminal_c' => $job->wire->terminalC,
            'ambient_c' => $job->wire->ambientC,
            'wet' => $job->wire->wet,
            'start_school' => $job->school->value,
            'notes' => $job->notes,
            'existing' => ExistingSection::write($job->existing),
            'site' => SiteSection::write($job->site),
            'demand' => $job->demand?->toArray(),
            'service' => ServiceSection::write($job->service),
            'figures' => $job->figures->value,
            'figures_reason' => $job->figuresReason,
            'recorded' => $job->recorded === null ? null : RecordedSection::write($job->recorded),
        ];
    }

    /** @return array<string, mixed> */
    public static function panelColumns(Panel $panel, int $position): array
    {
        return ['key' => $panel->id, 'position' => $position] + array_diff_key(PanelSection::write($panel), ['id' => 0, 'circuits' => 0]);
    }

    /** @return array<string, mixed> */
    public static function circuitColumns(Circuit $circuit): array
    {
        return ['key' => $circuit->id] + array_diff_key(CircuitSection::write($circuit), ['id' => 0, 'loads' => 0, 'measured' => 0]) + self::measuredColumns($circuit->measured);
    }

    /** @return array<string, mixed> columns of their own, so that the board needs no JSON to be read for every breaker */
    public static function measuredColumns(?Measured $measured): array
    {
        return [
            'measured_leg' => $measured?->leg->value, 'measured_run_a' => $measured?->runA, 'measured_start_a' => $measured?->startA,
            'measured_on' => $measured->on ?? '', 'measured_by_hand' => $measured->byHand ?? false,
        ];
    }

    /** @param  ?array<string, mixed>  $service as a job keeps it */
    public static function service(?array $service): Service
    {
        return ServiceSection::read($service === null ? null : ServiceSection::form()->read(self::object($service)));
    }

    /** @return array<string, mixed> */
    public static function loadColumns(Load $load, int $position): array
    {
        return ['key' => $load->id, 'position' => $position] + array_diff_key(LoadSection::write($load), ['id' => 0]);
    }

    /** @param  array<string, mixed>  $spec as a catalogue row or a job keeps it */
    public static function machine(array $spec): Machine
    {
        return MachineSection::read(MachineSection::form()->read(self::object($spec)));
    }

    /** @param  ?array<string, mixed>  $rules as a profile or a job keeps them */
    public static function rules(?array $rules): LocalRules
    {
        return LocalRulesSection::read($rules === null ? null : LocalRulesSection::form()->read(self::object($rules)));
    }

    /** @param  array<string, mixed>  $columns as the core's forms read them: objects, not arrays */
    private static function object(array $columns): stdClass
    {
        $json = json_decode((string) json_encode($columns, JSON_THROW_ON_ERROR), false, 16, JSON_THROW_ON_ERROR);

        return $json instanceof stdClass ? $json : new stdClass;
    }

    /** @param  list<array{question: string, found: bool}>  $answers */
    private static function existing(array $answers): ExistingEquipment
    {
        $existing = new ExistingEquipment;
        foreach ($answers as $answer) {
            $existing = $existing->with(ExistingFault::from($answer['question']), $answer['found']);
        }

        return $existing;
    }

    private static function supply(Job $job): ?Supply
    {
        return $job->machine === null || $job->fuel === null ? null : new Supply(self::machine($job->machine), Fuel::from($job->fuel));
    }

    /** @param  list<Circuit>  $circuits */
    private static function panel(stdClass $row, array $circuits): Panel
    {
        return new Panel(
            $row->key, $row->name, $row->spaces, PanelKind::from($row->kind), $row->main_a, self::flag($row->interlock_listed),
            $row->interlock_space, self::flag($row->has_multiwire), $circuits, $row->fed_from, $row->feeder_a, self::flag($row->bonded),
            $row->tandem_spaces === '' ? null : SpaceList::parse($row->tandem_spaces), $row->feeder_circuit,
        );
    }

    /** @param  list<Load>  $loads */
    private static function circuit(stdClass $row, array $loads): Circuit
    {
        return new Circuit(
            $row->key, new Slot($row->space, $row->poles, Half::tryFrom($row->half ?? '')), $row->amps, $row->name,
            Protection::from($row->protection), Role::from($row->role), $row->note, $loads, $row->keep_on, $row->receptacle_a,
            $row->measured_leg === null ? null : new Measured(Leg::from($row->measured_leg), $row->measured_run_a, $row->measured_start_a, $row->measured_on, $row->measured_by_hand === 1),
        );
    }

    private static function load(stdClass $row): Load
    {
        return new Load(
            $row->key, $row->name, LoadKind::from($row->kind), $row->run_w, $row->start_w, $row->pf,
            $row->duty === null ? null : Duty::from($row->duty), $row->on_s, $row->off_s,
            $row->season === null ? null : Season::from($row->season), $row->phase === null ? null : PhaseOfUse::from($row->phase),
        );
    }

    private static function flag(?int $column): ?bool
    {
        return $column === null ? null : $column === 1;
    }
}
