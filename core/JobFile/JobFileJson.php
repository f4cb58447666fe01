<?php

declare(strict_types=1);

namespace Underpin\JobFile;

use JsonException;
use LogicException;
use Underpin\Codebook\LocalRules;
use Underpin\Connection\ConnectionKind;
use Underpin\Form\Values;
use Underpin\JobFile\Section\CustomerSection;
use Underpin\JobFile\Section\ExistingSection;
use Underpin\JobFile\Section\LocalRulesSection;
use Underpin\JobFile\Section\MachineSection;
use Underpin\JobFile\Section\PanelSection;
use Underpin\JobFile\Section\RecordedSection;
use Underpin\JobFile\Section\ServiceSection;
use Underpin\JobFile\Section\SiteSection;
use Underpin\JobFile\Section\WireSection;
use Underpin\Loads\Demand\DemandInputs;
use Underpin\Loads\Interval\Recorded;
use Underpin\Loads\School;
use Underpin\Outage\StartSchool;
use Underpin\Refused;
use Underpin\Service\Chain;
use Underpin\Service\Panel;
use Underpin\Service\Service;
use Underpin\Service\SiteFacts;
use Underpin\Sizing\Fuel;
use Underpin\Sizing\Machine;
use Underpin\Sizing\Supply;
use Underpin\Wiring\WireRun;

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
            'customer' => CustomerSection::write($job->customer),
            'local_rules' => LocalRulesSection::write($job->rules),
            'rules_profile' => $job->rulesProfile,
            'service_a' => $job->serviceA,
            'service' => ServiceSection::write($job->service),
            'margin_pct' => $job->marginPct,
            'panels' => array_map(PanelSection::write(...), $job->panels),
            'machine' => $job->supply === null ? null : MachineSection::write($job->supply->machine),
            'fuel' => $job->supply?->fuel->value,
            'connection' => $job->connection?->value,
            'wire' => WireSection::write($job->wire),
            'start_school' => $job->school->value,
            'notes' => $job->notes,
            'existing' => ExistingSection::write($job->existing),
            'site' => SiteSection::write($job->site),
            'demand' => $job->demand?->toArray(),
            'figures' => $job->figures->value,
            'figures_reason' => $job->figuresReason,
            'recorded' => $job->recorded === null ? null : RecordedSection::write($job->recorded),
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

    /** @throws JobFileFaults */
    private static function job(Values $in): JobFile
    {
        $faults = new FaultList;
        $panels = [];
        foreach ($in->items('panels') as $i => $panel) {
            $panels[] = $made = $faults->attempt("panels.$i", fn (): Panel => PanelSection::read($panel, "panels.$i", $faults));
            foreach ($made->circuits ?? [] as $k => $circuit) {
                $faults->unique('circuit', $circuit->id, "panels.$i.circuits.$k.id");
                foreach ($circuit->loads as $m => $load) {
                    $faults->unique('load', $load->id, "panels.$i.circuits.$k.loads.$m.id");
                }
            }
        }
        $machineIn = $in->group('machine');
        $machine = $machineIn === null ? null : $faults->attempt('machine', fn (): Machine => MachineSection::read($machineIn));
        $fuel = Fuel::tryFrom($in->textOrNull('fuel') ?? '');
        if ($machineIn !== null && $fuel === null) {
            $faults->add(new Refused('fuel', 'fuel is missing: a machine is picked.'));
        }
        $supply = $machine === null || $fuel === null ? null : $faults->attempt('', fn (): Supply => new Supply($machine, $fuel));
        $wire = $faults->attempt('wire', fn (): WireRun => WireSection::read($in->group('wire')));
        $rules = $faults->attempt('local_rules', fn (): LocalRules => LocalRulesSection::read($in->group('local_rules')));
        $site = $faults->attempt('site', fn (): SiteFacts => SiteSection::read($in->group('site')));
        $demandIn = $in->group('demand');
        $demand = $demandIn === null ? null : $faults->attempt('demand', fn (): DemandInputs => self::demand($demandIn));
        $existing = ExistingSection::read($in->itemsOrNone('existing'));
        $recorded = $faults->attempt('recorded', fn (): ?Recorded => RecordedSection::read($in->group('recorded')));
        $service = $faults->attempt('service', fn (): Service => ServiceSection::read($in->group('service')));
        if (! in_array(null, $panels, true)) {
            $faults->attempt('', fn () => Chain::guard($service ?? new Service, $panels));
        }
        $job = $faults->attempt('', fn (): JobFile => new JobFile(
            $in->text('name'),
            CustomerSection::read($in->group('customer')),
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

        if ($faults->all() !== []) {
            throw new JobFileFaults($faults->all());
        }

        return $job ?? throw new LogicException('A job file was neither made nor refused.');
    }

    /** @throws Refused when its method could not work with it */
    private static function demand(Values $in): DemandInputs
    {
        $inputs = DemandInputs::from($in);
        $inputs->worksheet();

        return $inputs;
    }
}
