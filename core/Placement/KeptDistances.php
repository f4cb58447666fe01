<?php

declare(strict_types=1);

namespace Underpin\Placement;

use Underpin\Codebook\SiteDistances;
use Underpin\Codebook\Source;
use Underpin\Codebook\StandbyPlace;
use Underpin\Job\Job;
use Underpin\Job\Machine;
use Underpin\Job\Plan\PlanItem;
use Underpin\Job\Plan\PlanItemKind;

/**
 * How far the machine of a job is kept from what stands around it, and who says so: its listing, then the authority, then the usual
 * figure. NFPA 37 4.1.4, NFPA 58, NEC 2023 110.26(A), good practice.
 */
final readonly class KeptDistances
{
    public function __construct(private Job $job, private Machine $machine)
    {
    }

    public function distances(): Distances
    {
        $rules = $this->job->authority->rules;
        $property = array_filter([Distance::Property->value => $rules->propertyFt], is_float(...));
        if (! $this->machine->form->isStandby()) {
            return Distances::portable($property + [
                Distance::Wall->value => $rules->portableFt, Distance::Opening->value => $rules->portableFt,
                Distance::ExhaustOpening->value => $rules->portableFt,
            ]);
        }
        $listed = $this->machine->housing;
        $feet = fn (?float $inches): ?float => $inches === null ? null : $inches / PlannedPlace::IN_PER_FT;
        $opening = max($rules->openingFt ?? 0.0, $feet($listed->openingIn) ?? 0.0, StandbyPlace::OPENINGS_FT);

        return Distances::standby($property + array_filter([
            Distance::Wall->value => $feet($listed->wallIn), Distance::Opening->value => $opening,
            Distance::Service->value => $listed->serviceIn === null ? null : max($feet($listed->serviceIn), StandbyPlace::SERVICE_FT),
            Distance::ExhaustOpening->value => $opening,
        ], is_float(...)));
    }

    public function source(Distance $distance): Source
    {
        return match ($distance) {
            Distance::Wall, Distance::Opening, Distance::ExhaustOpening => $this->machine->form->isStandby()
                ? new Source('NFPA 37', '4.1.4, and its listing') : Source::practice('carbon monoxide'),
            Distance::Service => $this->machine->form->isStandby()
                ? Source::nec('110.26(A)') : Source::practice('room to serve and to refuel'),
            Distance::Property => $this->job->authority->rules->propertyFt === null
                ? Source::practice('ask what zoning says') : new Source('Local', 'zoning'),
        };
    }

    /** @return list<array{PlanItem, float, Source}> what gas can come out of, and the feet that are kept from it */
    public function fromGas(): array
    {
        $local = $this->job->authority->rules->gasMeterFt;
        $keeps = [
            PlanItemKind::GasMeter->value => $local === null
                ? [SiteDistances::GAS_METER_FT, Source::practice('the gas utility says; ask it')]
                : [$local, new Source('Local', 'the gas utility')],
            PlanItemKind::GasRegulator->value => [SiteDistances::REGULATOR_VENT_FT, new Source('NFPA 58', 'regulator vent')],
            PlanItemKind::Tank->value => [SiteDistances::TANK_RELIEF_FT, new Source('NFPA 58', 'relief valve')],
            PlanItemKind::BuriedTank->value => [SiteDistances::TANK_RELIEF_FT, new Source('NFPA 58', 'relief valve')],
        ];
        $items = [];
        foreach ($this->job->plan->items ?? [] as $item) {
            [$ft, $source] = $keeps[$item->kind->value] ?? [null, null];
            if ($ft !== null && $source !== null) {
                $items[] = [$item, $ft, $source];
            }
        }

        return $items;
    }
}
