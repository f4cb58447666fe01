<?php

declare(strict_types=1);

namespace Underpin\JobFile;

use JsonException;
use Underpin\Codebook\LocalRules;
use Underpin\Codebook\Material;
use Underpin\Connection\ConnectionKind;
use Underpin\Form\Values;
use Underpin\Loads\Demand\DemandInputs;
use Underpin\Loads\Demand\DemandMethod;
use Underpin\Loads\Duty;
use Underpin\Loads\Interval\Recorded;
use Underpin\Loads\Load;
use Underpin\Loads\LoadKind;
use Underpin\Loads\Measure\Measured;
use Underpin\Loads\PhaseOfUse;
use Underpin\Loads\Role;
use Underpin\Loads\School;
use Underpin\Loads\Season;
use Underpin\Outage\StartSchool;
use Underpin\Refused;
use Underpin\Service\Chain;
use Underpin\Service\Circuit;
use Underpin\Service\Disconnect;
use Underpin\Service\DisconnectPlace;
use Underpin\Service\ExistingEquipment;
use Underpin\Service\ExistingFault;
use Underpin\Service\Half;
use Underpin\Service\Leg;
use Underpin\Service\Panel;
use Underpin\Service\PanelKind;
use Underpin\Service\Protection;
use Underpin\Service\Service;
use Underpin\Service\SiteFacts;
use Underpin\Service\Slot;
use Underpin\Service\SpaceList;
use Underpin\Sizing\Bond;
use Underpin\Sizing\Fuel;
use Underpin\Sizing\Machine;
use Underpin\Sizing\MachineForm;
use Underpin\Sizing\Outlet;
use Underpin\Sizing\Rating;
use Underpin\Sizing\Supply;
use Underpin\Wiring\WireRun;
use Underpin\Wiring\WiringMethod;

/** A job file as JSON, out and in without loss. */
final class JobFileJson
{
    public const MOST_BYTES = 5_000_000;

    /** @return array<string, mixed> */
    public static function toArray(JobFile $job): array
    {
        return [
            'format' => JobFileForm::FORMAT,
            'version' => JobFileForm::VERSION,
            'name' => $job->name,
            'customer' => get_object_vars($job->customer),
            'local_rules' => $job->rules->toArray(),
            'rules_profile' => $job->rulesProfile,
            'service_a' => $job->serviceA,
            'service' => self::serviceToArray($job->service),
            'margin_pct' => $job->marginPct,
            'panels' => array_map(self::panelToArray(...), $job->panels),
            'machine' => $job->supply === null ? null : self::machineToArray($job->supply->machine),
            'fuel' => $job->supply?->fuel->value,
            'connection' => $job->connection?->value,
            'wire' => [
                'cord_ft' => $job->wire->cordFt,
                'run_ft' => $job->wire->runFt,
                'inlet_a' => $job->wire->inletA,
                'method' => $job->wire->method->value,
                'material' => $job->wire->material->value,
                'terminal_c' => $job->wire->terminalC,
                'ambient_c' => $job->wire->ambientC,
                'wet' => $job->wire->wet,
            ],
            'start_school' => $job->school->value,
            'notes' => $job->notes,
            'existing' => self::existingToArray($job->existing),
            'site' => self::siteToArray($job->site),
            'demand' => $job->demand?->toArray(),
            'figures' => $job->figures->value,
            'figures_reason' => $job->figuresReason,
            'recorded' => $job->recorded === null ? null : self::recordedToArray($job->recorded),
        ];
    }

    public static function encode(JobFile $job): string
    {
        return json_encode(self::toArray($job), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n";
    }

    /**
     * @throws JobFileFaults with every fault by its path
     */
    public static function decode(string $json): JobFile
    {
        if (strlen($json) > self::MOST_BYTES) {
            throw new JobFileFaults([new Refused('', sprintf('The file has %s bytes; a job file may have at most %s.', number_format(strlen($json)), number_format(self::MOST_BYTES)))]);
        }
        try {
            $data = json_decode($json, false, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException $fault) {
            throw new JobFileFaults([new Refused('', 'The file is not JSON: '.$fault->getMessage().'.')]);
        }
        $form = JobFileForm::form();
        $faults = $form->faults($data);
        if ($faults !== []) {
            throw new JobFileFaults($faults);
        }

        return self::job($form->read($data));
    }

    /** @return array<string, mixed> */
    public static function machineToArray(Machine $machine): array
    {
        return [
            'id' => $machine->id,
            'name' => $machine->name,
            'form' => $machine->form->value,
            'volts' => $machine->volts,
            'outlet' => $machine->outlet->value,
            'outlet_a' => $machine->outletA,
            'neutral' => $machine->bond->value,
            'gfci' => $machine->gfci,
            'ratings' => array_map(fn (Rating $r): array => ['fuel' => $r->fuel->value, 'run_w' => $r->runW, 'peak_w' => $r->peakW], $machine->ratings),
            'price_usd' => $machine->priceUsd,
        ];
    }

    /** @throws Refused naming the field */
    public static function machine(Values $in): Machine
    {
        $ratings = [];
        foreach ($in->items('ratings') as $i => $rating) {
            try {
                $ratings[] = new Rating(Fuel::from($rating->text('fuel')), $rating->number('run_w'), $rating->number('peak_w'));
            } catch (Refused $refused) {
                throw $refused->within("ratings.$i");
            }
        }

        return new Machine(
            $in->text('id'), $in->text('name'), MachineForm::from($in->text('form')), $in->whole('volts'),
            Outlet::from($in->text('outlet')), $in->whole('outlet_a'), Bond::from($in->text('neutral')), $in->flag('gfci'),
            $ratings, $in->whole('price_usd'),
        );
    }

    /** @return array<string, mixed> */
    public static function panelToArray(Panel $panel): array
    {
        return [
            'id' => $panel->id,
            'name' => $panel->name,
            'kind' => $panel->kind->value,
            'spaces' => $panel->spaces,
            'main_a' => $panel->mainA,
            'interlock_listed' => $panel->interlockListed,
            'interlock_space' => $panel->interlockSpace,
            'has_multiwire' => $panel->hasMultiwire,
            'fed_from' => $panel->fedFrom,
            'feeder_a' => $panel->feederA,
            'feeder_circuit' => $panel->feederCircuit,
            'bonded' => $panel->bonded,
            'tandem_spaces' => $panel->tandemSpaces?->words() ?? '',
            'circuits' => array_map(self::circuitToArray(...), $panel->circuits),
        ];
    }

    /** @return array<string, mixed> */
    public static function circuitToArray(Circuit $circuit): array
    {
        return [
            'id' => $circuit->id,
            'space' => $circuit->slot->space,
            'half' => $circuit->slot->half?->value,
            'poles' => $circuit->slot->poles,
            'amps' => $circuit->breakerA,
            'name' => $circuit->name,
            'protection' => $circuit->protection->value,
            'role' => $circuit->role->value,
            'note' => $circuit->note,
            'keep_on' => $circuit->keepOn,
            'receptacle_a' => $circuit->receptacleA,
            'measured' => $circuit->measured === null ? null : self::measuredToArray($circuit->measured),
            'loads' => array_map(self::loadToArray(...), $circuit->loads),
        ];
    }

    /** @return array<string, mixed> */
    public static function loadToArray(Load $load): array
    {
        return [
            'id' => $load->id, 'name' => $load->name, 'kind' => $load->kind->value,
            'run_w' => $load->runW, 'start_w' => $load->startW, 'pf' => $load->pf,
            'duty' => $load->duty?->value, 'on_s' => $load->onS, 'off_s' => $load->offS, 'season' => $load->season?->value, 'phase' => $load->phase?->value,
        ];
    }

    /** @return array<string, mixed> */
    public static function measuredToArray(Measured $measured): array
    {
        return [
            'leg' => $measured->leg->value, 'run_a' => $measured->runA, 'start_a' => $measured->startA, 'on' => $measured->on, 'by_hand' => $measured->byHand,
        ];
    }

    /** @return array<string, mixed> */
    public static function recordedToArray(Recorded $recorded): array
    {
        return [
            'peak_w' => $recorded->peakW, 'at' => $recorded->at, 'days' => $recorded->days, 'interval_s' => $recorded->seconds, 'missing' => $recorded->missing,
            'sent_out' => $recorded->sentOut, 'is_va' => $recorded->isVa, 'file' => $recorded->file,
        ];
    }

    /** @throws Refused by field */
    public static function recorded(?Values $in): ?Recorded
    {
        return $in === null ? null : new Recorded(
            $in->number('peak_w'), $in->text('at'), $in->number('days'), $in->whole('interval_s'), $in->whole('missing'), $in->flag('sent_out'), $in->flag('is_va'), $in->text('file'),
        );
    }

    /** @return array<string, mixed> */
    public static function serviceToArray(Service $service): array
    {
        return [
            'place' => $service->place?->value,
            'disconnects' => array_map(fn (Disconnect $d): array => ['id' => $d->id, 'name' => $d->name, 'amps' => $d->amps, 'bonded' => $d->bonded], $service->disconnects),
        ];
    }

    /** @throws JobFileFaults */
    private static function job(Values $in): JobFile
    {
        $faults = [];
        $panels = [];
        $circuitIds = [];
        $loadIds = [];
        foreach ($in->items('panels') as $i => $panel) {
            $panels[] = $made = self::attempt("panels.$i", $faults, function () use ($panel, $i, &$faults): Panel {
                return self::panel($panel, "panels.$i", $faults);
            });
            foreach ($made->circuits ?? [] as $k => $circuit) {
                self::unique("panels.$i.circuits.$k.id", $circuit->id, $circuitIds, $faults);
                foreach ($circuit->loads as $m => $load) {
                    self::unique("panels.$i.circuits.$k.loads.$m.id", $load->id, $loadIds, $faults);
                }
            }
        }
        $machineIn = $in->group('machine');
        $machine = $machineIn === null ? null : self::attempt('machine', $faults, fn (): Machine => self::machine($machineIn));
        $fuel = Fuel::tryFrom($in->textOrNull('fuel') ?? '');
        if ($machineIn !== null && $fuel === null) {
            $faults[] = new Refused('fuel', 'fuel is missing: a machine is picked.');
        }
        $supply = $machine === null || $fuel === null ? null : self::attempt('', $faults, fn (): Supply => new Supply($machine, $fuel));
        $wire = self::attempt('wire', $faults, fn (): WireRun => self::wire($in->group('wire')));
        $rules = self::attempt('local_rules', $faults, fn (): LocalRules => self::rules($in->group('local_rules')));
        $site = self::attempt('site', $faults, fn (): SiteFacts => self::site($in->group('site')));
        $demandIn = $in->group('demand');
        $demand = $demandIn === null ? null : self::attempt('demand', $faults, fn (): DemandInputs => self::demand($demandIn));
        $existing = self::existing($in->itemsOrNone('existing'));
        $recorded = self::attempt('recorded', $faults, fn (): ?Recorded => self::recorded($in->group('recorded')));
        $service = self::attempt('service', $faults, fn (): Service => self::service($in->group('service')));
        if (! in_array(null, $panels, true)) {
            self::attempt('', $faults, fn () => Chain::guard($service ?? new Service, $panels));
        }
        $job = self::attempt('', $faults, fn (): JobFile => new JobFile(
            $in->text('name'),
            self::customer($in->group('customer')),
            $rules ?? new LocalRules,
            $in->wholeOrNull('service_a'),
            $in->number('margin_pct'),
            array_values(array_filter($panels)),
            $supply,
            ConnectionKind::tryFrom($in->textOrNull('connection') ?? ''),
            $wire ?? new WireRun,
            StartSchool::from($in->text('start_school')),
            $in->text('notes'),
            $existing,
            $site ?? new SiteFacts,
            $demand,
            $in->text('rules_profile'),
            $service ?? new Service,
            School::from($in->text('figures')),
            $in->text('figures_reason'),
            $recorded,
        ));

        return $faults === [] && $job !== null ? $job : throw new JobFileFaults($faults);
    }

    /**
     * @param  list<Refused>  $faults
     *
     * @param-out list<Refused> $faults
     */
    private static function panel(Values $in, string $path, array &$faults): Panel
    {
        $circuits = [];
        foreach ($in->items('circuits') as $i => $circuit) {
            $circuits[$i] = self::attempt("$path.circuits.$i", $faults, fn (): Circuit => self::circuit($circuit));
        }
        $panel = new Panel(
            $in->text('id'), $in->text('name'), $in->whole('spaces'), PanelKind::from($in->text('kind')), $in->wholeOrNull('main_a'),
            $in->flagOrNull('interlock_listed'), $in->whole('interlock_space'), $in->flagOrNull('has_multiwire'),
            array_values(array_filter($circuits)),
            $in->text('fed_from'), $in->wholeOrNull('feeder_a'), $in->flagOrNull('bonded'),
            $in->text('tandem_spaces') === '' ? null : SpaceList::parse($in->text('tandem_spaces')),
            $in->text('feeder_circuit'),
        );
        $places = array_keys(array_filter($circuits));
        foreach ($panel->slotFaults() as $fault) {
            $faults[] = new Refused("$path.circuits.{$places[$fault->circuit]}.$fault->field", $fault->message);
        }

        return $panel;
    }

    private static function circuit(Values $in): Circuit
    {
        $loads = [];
        foreach ($in->items('loads') as $i => $load) {
            try {
                $loads[] = self::load($load->text('id'), $load);
            } catch (Refused $refused) {
                throw $refused->within("loads.$i");
            }
        }

        return new Circuit(
            $in->text('id'),
            new Slot($in->whole('space'), $in->whole('poles'), Half::tryFrom($in->textOrNull('half') ?? '')),
            $in->whole('amps'), $in->text('name'), Protection::from($in->text('protection')), Role::from($in->text('role')),
            $in->text('note'), $loads, $in->text('keep_on'), $in->wholeOrNull('receptacle_a'), self::measured($in->group('measured')),
        );
    }

    /** @throws Refused by field */
    public static function load(string $id, Values $in): Load
    {
        return new Load(
            $id, $in->text('name'), LoadKind::from($in->text('kind')), $in->numberOrNull('run_w'), $in->numberOrNull('start_w'), $in->number('pf'),
            Duty::tryFrom($in->textOrNull('duty') ?? ''), $in->numberOrNull('on_s'), $in->numberOrNull('off_s'),
            Season::tryFrom($in->textOrNull('season') ?? ''), PhaseOfUse::tryFrom($in->textOrNull('phase') ?? ''),
        );
    }

    /** @throws Refused by field */
    public static function measured(?Values $in): ?Measured
    {
        return $in === null ? null : new Measured(
            Leg::from($in->text('leg')), $in->number('run_a'), $in->number('start_a'), $in->text('on'), $in->flag('by_hand'),
        );
    }

    /** @throws Refused by field */
    public static function service(?Values $in): Service
    {
        if ($in === null) {
            return new Service;
        }
        $disconnects = [];
        foreach ($in->items('disconnects') as $i => $each) {
            try {
                $disconnects[] = new Disconnect($each->text('id'), $each->text('name'), $each->whole('amps'), $each->flagOrNull('bonded'));
            } catch (Refused $refused) {
                throw $refused->within("disconnects.$i");
            }
        }

        return new Service(DisconnectPlace::tryFrom($in->textOrNull('place') ?? ''), $disconnects);
    }

    /** @return list<array{question: string, found: bool}> in the order of the questions */
    public static function existingToArray(ExistingEquipment $existing): array
    {
        $answers = [];
        foreach (ExistingFault::cases() as $fault) {
            $found = $existing->answer($fault);
            if ($found !== null) {
                $answers[] = ['question' => $fault->value, 'found' => $found];
            }
        }

        return $answers;
    }

    /** @return array<string, float|bool|null> */
    public static function siteToArray(SiteFacts $site): array
    {
        return [
            'gas_meter_cfh' => $site->gasMeterCfh, 'propane_tank_gal' => $site->propaneTankGal, 'gasoline_gal' => $site->gasolineGal,
            'altitude_ft' => $site->altitudeFt, 'hottest_f' => $site->hottestF, 'coldest_f' => $site->coldestF, 'snow_in' => $site->snowIn,
            'level' => $site->level, 'above_flood' => $site->aboveFlood,
        ];
    }

    /** @throws Refused when the facts contradict each other */
    public static function site(?Values $in): SiteFacts
    {
        return $in === null ? new SiteFacts : new SiteFacts(
            $in->numberOrNull('gas_meter_cfh'), $in->numberOrNull('propane_tank_gal'), $in->numberOrNull('gasoline_gal'), $in->numberOrNull('altitude_ft'),
            $in->numberOrNull('hottest_f'), $in->numberOrNull('coldest_f'), $in->numberOrNull('snow_in'), $in->flagOrNull('level'), $in->flagOrNull('above_flood'),
        );
    }

    /** @throws Refused when its method could not work with it */
    private static function demand(Values $in): DemandInputs
    {
        $inputs = DemandInputs::from($in);
        $inputs->worksheet();

        return $inputs;
    }

    /** @param  list<Values>  $answers the later of two answers to one question counts */
    private static function existing(array $answers): ExistingEquipment
    {
        $existing = new ExistingEquipment;
        foreach ($answers as $answer) {
            $existing = $existing->with(ExistingFault::from($answer->text('question')), $answer->flag('found'));
        }

        return $existing;
    }

    private static function customer(?Values $in): Customer
    {
        return $in === null ? new Customer : new Customer($in->text('name'), $in->text('address'), $in->text('phone'), $in->text('email'));
    }

    /** @throws Refused by field */
    public static function rules(?Values $in): LocalRules
    {
        return $in === null ? new LocalRules : new LocalRules(
            $in->text('authority'), $in->text('edition'), $in->flag('splices_in_panel'), $in->flag('permit'), $in->flag('inspection'),
            $in->number('portable_ft'), $in->text('who'),
            $in->has('calculations')
                ? array_map(fn (Values $each): DemandMethod => DemandMethod::from($each->text('method')), $in->items('calculations'))
                : DemandMethod::cases(),
            $in->text('notes'), $in->text('source'), $in->text('dated'),
        );
    }

    private static function wire(?Values $in): WireRun
    {
        return $in === null ? new WireRun : new WireRun(
            $in->numberOrNull('cord_ft'), $in->numberOrNull('run_ft'), $in->wholeOrNull('inlet_a'), WiringMethod::from($in->text('method')),
            Material::from($in->text('material')), $in->whole('terminal_c'), $in->number('ambient_c'), $in->flag('wet'),
        );
    }

    /**
     * @param  array<string, true>  $seen
     * @param  list<Refused>  $faults
     *
     * @param-out array<string, true> $seen
     * @param-out list<Refused> $faults
     */
    private static function unique(string $path, string $id, array &$seen, array &$faults): void
    {
        if (isset($seen["id $id"])) {
            $faults[] = new Refused($path, "id: \"$id\" stands twice in the file.");
        }
        $seen["id $id"] = true;
    }

    /**
     * @template T
     *
     * @param  list<Refused>  $faults
     * @param  callable(): T  $make
     * @return ?T
     *
     * @param-out list<Refused> $faults
     */
    private static function attempt(string $path, array &$faults, callable $make): mixed
    {
        try {
            return $make();
        } catch (Refused $refused) {
            $faults[] = $refused->within($path);

            return null;
        }
    }
}
