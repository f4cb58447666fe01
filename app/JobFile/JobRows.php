<?php

declare(strict_types=1);

namespace App\JobFile;

use App\Models\Job;
use Illuminate\Support\Facades\DB;
use stdClass;
use Underpin\Codebook\Material;
use Underpin\Form\FaultList;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Job\Authority;
use Underpin\Job\Basis;
use Underpin\Job\Circuit;
use Underpin\Job\Connection;
use Underpin\Job\Customer;
use Underpin\Job\Disconnect;
use Underpin\Job\DisconnectPlace;
use Underpin\Job\Duty;
use Underpin\Job\ExistingEquipment;
use Underpin\Job\ExistingFault;
use Underpin\Job\FeederGround;
use Underpin\Job\Fuel;
use Underpin\Job\Generator;
use Underpin\Job\Half;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Load;
use Underpin\Job\LoadBasis;
use Underpin\Job\LoadKind;
use Underpin\Job\LocalRules;
use Underpin\Job\Machine;
use Underpin\Job\Measured;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;
use Underpin\Job\Part\ConnectionPart;
use Underpin\Job\Part\DemandInputsPart;
use Underpin\Job\Part\LocalRulesPart;
use Underpin\Job\Part\MachinePart;
use Underpin\Job\Part\RecordedPeakPart;
use Underpin\Job\Part\ServicePart;
use Underpin\Job\Part\SitePart;
use Underpin\Job\Part\WireRunPart;
use Underpin\Job\PartOfDay;
use Underpin\Job\Position;
use Underpin\Job\Protection;
use Underpin\Job\Role;
use Underpin\Job\Season;
use Underpin\Job\Service;
use Underpin\Job\Site;
use Underpin\Job\SpaceList;
use Underpin\Job\StartRoutine;
use Underpin\Job\SwitchKind;
use Underpin\Job\WireRun;
use Underpin\Job\WiringMethod;
use Underpin\Legs\Leg;
use Underpin\Refused;

/** The one place where rows become a job file. */
final class JobRows
{
    /** the halves of a tandem in their order, after a breaker that takes the whole space */
    private const HALVES = ['' => 0, 'a' => 1, 'b' => 2];

    /**
     * Three queries whatever the size of the job. Rows are taken as they come, without making a
     * model of each, and put in order here, where few stand beside each other: this runs at every change.
     *
     * @throws Refused when the rows make no sense together
     */
    public static function read(Job $job): JobFile
    {
        return self::assemble($job, self::rowsOf('panels', $job), self::rowsOf('circuits', $job), self::rowsOf('loads', $job));
    }

    /** @return array<stdClass> */
    private static function rowsOf(string $table, Job $job): array
    {
        return DB::select("select * from $table where job_id = ?", [$job->id]);
    }

    /**
     * @param  iterable<stdClass>  $panelRows
     * @param  iterable<stdClass>  $circuitRows
     * @param  iterable<stdClass>  $loadRows
     *
     * @throws Refused when the rows make no sense together
     */
    public static function assemble(Job $job, iterable $panelRows, iterable $circuitRows, iterable $loadRows): JobFile
    {
        $n = 0;
        $loads = [];
        foreach ($loadRows as $load) {
            $loads[$load->circuit_id][self::rank($load->position, $n++)] = self::load($load);
        }
        // Breakers say which panel they are in where there are several.
        $panelRows = [...$panelRows];
        $names = count($panelRows) > 1 ? array_column($panelRows, 'name', 'id') : [];
        $circuits = [];
        foreach ($circuitRows as $circuit) {
            $rank = self::rank(3 * $circuit->space + self::HALVES[$circuit->half ?? ''], $n++);
            $circuits[$circuit->panel_id][$rank] = self::circuit(
                $circuit, self::inOrder($loads[$circuit->id] ?? []), $names[$circuit->panel_id] ?? '',
            );
        }
        $panels = [];
        foreach ($panelRows as $panel) {
            $panels[self::rank($panel->position, $n++)] = self::panel($panel, self::inOrder($circuits[$panel->id] ?? []));
        }
        $panels = self::inOrder($panels);
        $machine = self::stored($job, 'machine', MachinePart::form());
        $site = self::stored($job, 'site', SitePart::form());

        return new JobFile(
            $job->name,
            new Customer(
                $job->customer_name, $job->customer_address, $job->customer_phone, $job->customer_email, $job->notes,
                $job->customer_utility_phone ?? '',
            ),
            new Authority(LocalRulesPart::read(self::stored($job, 'rules', LocalRulesPart::form())), $job->rules_profile),
            self::service($job, $panels),
            new Generator(
                $machine === null ? null : MachinePart::read($machine), Fuel::tryFrom($job->fuel ?? ''), $job->margin_pct,
            ),
            self::connection($job),
            self::wire($job),
            $site === null ? new Site : SitePart::site($site),
            self::basis($job),
            ...self::whole($job),
        );
    }

    /** @return list<object> the parts that are kept whole; none where nothing was said: most jobs need no form read for it */
    private static function whole(Job $job): array
    {
        $parts = [];
        foreach (JobColumns::wholeParts() as $column => $part) {
            /** @var ?array<string, mixed> $kept */
            $kept = $job->getAttribute($column);
            if ($kept !== null && $kept !== []) {
                $parts[] = $part->read((new Form(...$part->fields()))->read(self::object($kept)), new FaultList);
            }
        }

        return $parts;
    }

    private static function wire(Job $job): WireRun
    {
        $more = $job->wire_more ?? [];
        if ($more === []) {
            return new WireRun(
                $job->cord_ft, $job->run_ft, $job->inlet_a, WiringMethod::from($job->wire_method), Material::from($job->wire_material),
                $job->terminal_c, $job->ambient_c, $job->wet,
            );
        }

        return WireRunPart::run(WireRunPart::form()->read(self::object($more + [
            'cord_ft' => $job->cord_ft, 'run_ft' => $job->run_ft, 'inlet_a' => $job->inlet_a, 'method' => $job->wire_method,
            'material' => $job->wire_material, 'terminal_c' => $job->terminal_c, 'ambient_c' => $job->ambient_c, 'wet' => $job->wet,
        ])));
    }

    /** Where one stands among its like; of two at the same place the first read is the first. */
    private static function rank(int $place, int $n): int
    {
        return $place << 32 | $n;
    }

    /**
     * @template T
     *
     * @param  array<int, T>  $byRank
     * @return list<T>
     */
    private static function inOrder(array $byRank): array
    {
        ksort($byRank);

        return array_values($byRank);
    }

    /** @param  array<string, mixed>  $spec as a catalogue row or a job keeps it */
    public static function machine(array $spec): Machine
    {
        return MachinePart::read(MachinePart::form()->read(self::object($spec)));
    }

    /** @param  ?array<string, mixed>  $rules as a profile or a job keeps them */
    public static function rules(?array $rules): LocalRules
    {
        return LocalRulesPart::read($rules === null ? null : LocalRulesPart::form()->read(self::object($rules)));
    }

    /**
     * A part that a column of the job keeps as JSON, read as it stands there; null: nothing.
     *
     * @throws Refused by field
     */
    private static function stored(Job $job, string $column, Form $form): ?Values
    {
        $json = $job->getAttributes()[$column] ?? null;
        $part = is_string($json) ? json_decode($json, false, 16, JSON_THROW_ON_ERROR) : null;

        return $part === null ? null : $form->read($part instanceof stdClass ? $part : new stdClass);
    }

    /** @param  array<string, mixed>  $columns as the core's forms read them: objects, not arrays */
    private static function object(array $columns): stdClass
    {
        $json = json_decode((string) json_encode($columns, JSON_THROW_ON_ERROR), false, 16, JSON_THROW_ON_ERROR);

        return $json instanceof stdClass ? $json : new stdClass;
    }

    /** @param  list<Panel>  $panels */
    private static function service(Job $job, array $panels): Service
    {
        $group = self::stored($job, 'service', ServicePart::service());
        $existing = new ExistingEquipment;
        foreach ($job->existing ?? [] as $answer) {
            $existing = $existing->with(ExistingFault::from($answer['question']), $answer['found']);
        }

        return new Service(
            DisconnectPlace::tryFrom($group?->textOrNull('place') ?? ''),
            array_map(
                fn (Values $each): Disconnect => ServicePart::readDisconnect($each->text('id'), $each), $group?->items('disconnects') ?? [],
            ),
            $job->service_a, $panels, $existing, ServicePart::readOtherSource($group?->group('other_source')),
        );
    }

    private static function connection(Job $job): Connection
    {
        $more = $job->connection_more ?? [];
        if ($more === []) {
            $places = array_column($job->switch_places ?? [], 'place', 'circuit');

            return new Connection(
                $job->connection, StartRoutine::from($job->start_school), SwitchKind::tryFrom($job->switch_kind ?? ''), $places,
            );
        }
        $part = new ConnectionPart;
        $kept = self::object([
            'connection' => $job->connection, 'start_school' => $job->start_school, 'switch_kind' => $job->switch_kind,
            'switch_places' => $job->switch_places, ...$more,
        ]);

        return $part->read((new Form(...$part->fields()))->read($kept), new FaultList);
    }

    private static function basis(Job $job): Basis
    {
        $demand = self::stored($job, 'demand', DemandInputsPart::form());

        return new Basis(
            LoadBasis::from($job->figures), $job->figures_reason, $demand === null ? null : DemandInputsPart::read($demand),
            RecordedPeakPart::read(self::stored($job, 'recorded', RecordedPeakPart::form())),
        );
    }

    /** @param  list<Circuit>  $circuits */
    private static function panel(stdClass $row, array $circuits): Panel
    {
        return new Panel(
            $row->key, $row->name, $row->spaces, PanelKind::from($row->kind), $row->main_a, self::flag($row->interlock_listed),
            $row->interlock_space, self::flag($row->has_multiwire), $circuits, $row->fed_from, $row->feeder_a, self::flag($row->bonded),
            $row->tandem_spaces === '' ? null : SpaceList::parse($row->tandem_spaces), $row->feeder_circuit,
            FeederGround::tryFrom($row->feeder_ground ?? ''), self::flag($row->other_building ?? null), self::flag($row->main_lugs ?? null),
            $row->bus_a ?? null,
        );
    }

    /** @param  list<Load>  $loads */
    private static function circuit(stdClass $row, array $loads, string $inPanel): Circuit
    {
        return new Circuit(
            $row->key, new Position($row->space, $row->poles, $row->half === null ? null : Half::tryFrom($row->half)),
            $row->amps, $row->name,
            Protection::from($row->protection), Role::from($row->role), $row->note, $loads, $row->keep_on, $row->receptacle_a,
            $row->measured_leg === null
                ? null
                : new Measured(
                    Leg::from($row->measured_leg), $row->measured_run_a, $row->measured_start_a, $row->measured_on,
                    $row->measured_by_hand === 1,
                ),
            $row->shares_neutral_with ?? '', inPanel: $inPanel,
        );
    }

    private static function load(stdClass $row): Load
    {
        return new Load(
            $row->key, $row->name, LoadKind::from($row->kind), $row->run_w, $row->start_w, $row->pf,
            $row->duty === null ? null : Duty::from($row->duty), $row->on_s, $row->off_s,
            $row->season === null ? null : Season::from($row->season), $row->phase === null ? null : PartOfDay::from($row->phase),
            $row->pole ?? null, self::flag($row->plug ?? null), $row->bridge_min ?? null,
        );
    }

    private static function flag(?int $column): ?bool
    {
        return $column === null ? null : $column === 1;
    }
}
