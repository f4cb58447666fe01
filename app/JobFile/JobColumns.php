<?php

declare(strict_types=1);

namespace App\JobFile;

use Underpin\Job\Circuit;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Load;
use Underpin\Job\Measured;
use Underpin\Job\Panel;
use Underpin\Job\Part\AgreedPart;
use Underpin\Job\Part\CircuitPart;
use Underpin\Job\Part\FuelKeptPart;
use Underpin\Job\Part\GrowthPart;
use Underpin\Job\Part\JobPart;
use Underpin\Job\Part\JobParts;
use Underpin\Job\Part\LoadPart;
use Underpin\Job\Part\LogPart;
use Underpin\Job\Part\OfferPart;
use Underpin\Job\Part\PanelPart;
use Underpin\Job\Part\QuotesPart;
use Underpin\Job\Part\ServicePart;
use Underpin\Job\Part\SetAsidePart;
use Underpin\Job\Part\SitePlanPart;
use Underpin\Job\Part\WireRunPart;
use Underpin\Job\Part\WorkPart;

/** What the rows of a job hold: a job file, and its panels, circuits and loads, as the columns of their tables. */
final class JobColumns
{
    /** what a way of connecting needs to be known beyond its key, kept together in one column */
    private const CONNECTION_MORE = [
        'fed_panel', 'single_circuit', 'switches_neutral', 'switch_meters', 'shed', 'picked_for', 'utility_fault_a', 'withstand_a',
        'interrupt_a', 'transfer_settings',
    ];

    /** @return array<string, mixed> the columns of the row in jobs */
    public static function job(JobFile $job): array
    {
        $service = [
            'place' => $job->service->place?->value,
            'disconnects' => array_map(ServicePart::writeDisconnect(...), $job->service->disconnects),
            'other_source' => ServicePart::writeOtherSource($job->service->otherSource),
        ];
        // Panels have rows of their own.
        $file = JobParts::standard()->write($job->with($job->service->with(panels: [])));

        return [
            'name' => $job->name,
            'customer_name' => $job->customer->name,
            'customer_address' => $job->customer->address,
            'customer_phone' => $job->customer->phone,
            'customer_email' => $job->customer->email,
            'customer_utility_phone' => $job->customer->utilityPhone,
            'cord_ft' => $job->wire->cordFt,
            'run_ft' => $job->wire->runFt,
            'inlet_a' => $job->wire->inletAmps,
            'wire_method' => $job->wire->method->value,
            'wire_material' => $job->wire->material->value,
            'terminal_c' => $job->wire->terminalC,
            'ambient_c' => $job->wire->ambientC,
            'wet' => $job->wire->wet,
            'wire_more' => array_filter(
                WireRunPart::writeLaying($job->wire->laying) + ['lengths' => WireRunPart::writeLengths($job->wire)],
                fn (mixed $value): bool => $value !== null && $value !== [],
            ),
            'rules' => $file['local_rules'],
            'service' => $service,
            'connection_more' => array_filter(
                array_intersect_key(
                    $file, array_flip(self::CONNECTION_MORE),
                ), fn (mixed $value): bool => $value !== null && $value !== '' && $value !== [],
            ),
        ] + array_intersect_key($file, array_flip([
            'rules_profile', 'service_a', 'margin_pct', 'machine', 'fuel', 'connection', 'start_school', 'switch_kind', 'switch_places',
            'notes', 'existing', 'site', 'demand',
            'figures', 'figures_reason', 'recorded',
        ])) + array_map(
            fn (JobPart $part): array => array_filter($part->write($job), fn (mixed $said): bool => $said !== null && $said !== []),
            self::wholeParts(),
        );
    }

    /** @return array<string, mixed> */
    public static function panel(Panel $panel, int $position): array
    {
        return ['key' => $panel->id, 'position' => $position] + array_diff_key(PanelPart::write($panel), ['id' => 0, 'circuits' => 0]);
    }

    /** @return array<string, mixed> */
    public static function circuit(Circuit $circuit): array
    {
        return ['key' => $circuit->id] + array_diff_key(
            CircuitPart::write($circuit), ['id' => 0, 'loads' => 0, 'measured' => 0],
        ) + self::measured($circuit->measured);
    }

    /** @return array<string, mixed> columns of their own, so that the board needs no JSON to be read for every breaker */
    public static function measured(?Measured $measured): array
    {
        return [
            'measured_leg' => $measured?->leg->value, 'measured_run_a' => $measured?->runAmps, 'measured_start_a' => $measured?->startAmps,
            'measured_on' => $measured->on ?? '', 'measured_by_hand' => $measured->byHand ?? false,
        ];
    }

    /** @return array<string, mixed> */
    public static function load(Load $load, int $position): array
    {
        return ['key' => $load->id, 'position' => $position] + array_diff_key(LoadPart::write($load), ['id' => 0]);
    }

    /** @return array<string, JobPart> by the column that keeps it in job-file terms */
    public static function wholeParts(): array
    {
        return ['set_aside' => new SetAsidePart, 'site_plan' => new SitePlanPart, 'fuel_kept' => new FuelKeptPart,
            'offer' => new OfferPart, 'quotes' => new QuotesPart, 'agreed' => new AgreedPart, 'work' => new WorkPart, 'log' => new LogPart,
            'growth' => new GrowthPart];
    }
}
