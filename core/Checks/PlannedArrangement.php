<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\WireRole;
use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\BreakerFacts;
use Underpin\Checks\Arrangement\CordEnds;
use Underpin\Checks\Arrangement\CordFacts;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Arrangement\GasFacts;
use Underpin\Checks\Arrangement\GeneratorFacts;
use Underpin\Checks\Arrangement\InletFacts;
use Underpin\Checks\Arrangement\LegLoadsFacts;
use Underpin\Checks\Arrangement\LocalFacts;
use Underpin\Checks\Arrangement\PanelFacts;
use Underpin\Checks\Arrangement\PlaceFacts;
use Underpin\Checks\Arrangement\RunMethod;
use Underpin\Checks\Arrangement\TransferFacts;
use Underpin\Checks\Arrangement\WiringFacts;
use Underpin\Codebook\GasPipes;
use Underpin\Codebook\Terminals;
use Underpin\Connection\AtService;
use Underpin\Connection\Capacity;
use Underpin\Connection\DerivedSystem;
use Underpin\Connection\Way;
use Underpin\Design\Design;
use Underpin\Job\Fuel;
use Underpin\Job\GeneratorNeutral;
use Underpin\Job\Outlet;
use Underpin\Job\PanelKind;
use Underpin\Job\WiringMethod;
use Underpin\Limit;
use Underpin\Placement\PlannedPlace;
use Underpin\Sizing\Supply;

/** A design in the facts that the rules of an arrangement judge. What the job does not say is left open, not guessed. */
final readonly class PlannedArrangement
{
    private function __construct(private Design $design, private Way $way, private Supply $supply, private Assembly $built)
    {
    }

    /** Null: no machine or no way is picked, or nothing can be built of them. */
    public static function of(Design $design): ?Arrangement
    {
        [$way, $supply, $built] = [$design->way(), $design->supply(), $design->assembly()];

        return $way === null || $supply === null || $built === null ? null : (new self($design, $way, $supply, $built))->arrangement();
    }

    private function arrangement(): Arrangement
    {
        return new Arrangement(
            $this->way->means(), $this->generator(), $this->cord(), $this->inlet(), $this->breaker(), $this->wiring(), $this->panel(),
            $this->transfer(), $this->local(), $this->place(), loads: $this->loads(),
            gas: $this->gas(),
        );
    }

    private function generator(): GeneratorFacts
    {
        $machine = $this->supply->machine;
        $outlet = $this->built->component(ComponentKind::Outlet) ?? $this->built->component(ComponentKind::Generator);

        return new GeneratorFacts(
            // Its watts are spread over its own legs, also where a cord goes to one of its 120 V outlets.
            $outlet?->amps === null ? null : (float) $outlet->amps, $machine->volts,
            $machine->bond === null ? null : $machine->bond === GeneratorNeutral::Bonded, $machine->gfci, $this->supply->runW(),
            $this->supply->rating->peakW === null ? null : $this->supply->peakW(), $machine->plate->amps, $machine->plate->listed,
            $machine->outlet === Outlet::Terminals ? $machine->plate->ownBreaker : true,
        );
    }

    private function cord(): CordFacts
    {
        $cord = $this->built->conductor(ConductorKind::Cord);

        return $cord === null ? CordFacts::none() : new CordFacts(CordEnds::MaleFemale, $cord->size, $cord->amps, $cord->lengthFt, true);
    }

    private function inlet(): InletFacts
    {
        $inlet = $this->built->component(ComponentKind::Inlet);

        // The wire table asks for one that is rated for a wet place, with recessed pins; what it is screwed to is seen on site.
        return $inlet === null ? InletFacts::none() : new InletFacts($inlet->amps === null ? null : (float) $inlet->amps, true, true);
    }

    private function breaker(): BreakerFacts
    {
        $breaker = $this->built->component(ComponentKind::Breaker);

        return $breaker === null
            ? BreakerFacts::none()
            : new BreakerFacts($breaker->amps === null ? null : (float) $breaker->amps, $breaker->poles, true);
    }

    private function wiring(): WiringFacts
    {
        $run = $this->built->conductor(ConductorKind::Run);
        $laid = $this->design->job->wire;

        return $run === null ? WiringFacts::none() : new WiringFacts(
            $run->size, $run->material,
            Terminals::countedC($laid->terminalC, max($this->supply->machine->outletAmps, $laid->inletAmps ?? 0)), $run->lengthFt,
            $laid->method === WiringMethod::Cable ? RunMethod::Nm : RunMethod::Conduit, $laid->isWet(), false,
            $run->wire(WireRole::Ground) !== null,
        );
    }

    private function panel(): PanelFacts
    {
        $situation = $this->design->situation();
        $panel = $this->way->platedPanel($situation) ?? $this->way->fedPanels($situation)[0] ?? null;

        return $panel === null ? PanelFacts::none() : new PanelFacts(
            $panel->kind === PanelKind::Sub, $panel->bonded, $panel->hasMultiwire, $panel->interlockListed,
            $panel->inTheWayOfInterlock() === [],
        );
    }

    private function transfer(): TransferFacts
    {
        $situation = $this->design->situation();
        $switch = $this->built->component(ComponentKind::Switch);
        $serviceAmps = $this->design->job->service->amps;
        $stays = Capacity::staysVa($situation);
        $fed = $this->way->fedPanels($situation)[0] ?? null;
        $at = $switch === null || $fed === null ? null : new AtService($situation, $fed);

        return new TransferFacts(
            amps: $switch?->amps === null ? null : (float) $switch->amps,
            // What becomes the service disconnect is ordered as such: the design says so.
            serviceRated: true,
            switchesNeutral: $this->way->switchesNeutral($situation),
            atService: $at === null ? false : $at->isService(),
            serviceAmps: $serviceAmps === null ? null : (float) $serviceAmps,
            fullLoadW: Capacity::fullLoadVa($situation),
            sheds: $stays === null ? null : Limit::within($stays, $this->supply->runW()),
            // That of a portable is a line of the wire table that asks the authority: not known.
            electrode: in_array(DerivedSystem::ELECTRODE, array_column($this->built->components(), 'id'), true) ? true : null,
        );
    }

    private function local(): LocalFacts
    {
        $rules = $this->design->job->authority->rules;

        return new LocalFacts($rules->splicesInPanel, collarApproved: $rules->meterAdapter);
    }

    private function place(): PlaceFacts
    {
        $isStandby = $this->supply->machine->form->isStandby();
        $site = $this->design->job->site;
        $snow = $site->snowIn;
        $platform = $this->design->job->plan->spot?->platformIn;
        $aboveSnow = match (true) {
            ! $isStandby, $snow === 0.0 => true,
            $snow === null, $platform === null => null,
            default => Limit::within($snow, $platform),
        };

        return new PlaceFacts(
            isStandby: $isStandby, level: $site->level, aboveFloodAndSnow: Fact::all($this->aboveFlood() ?? $site->aboveFlood, $aboveSnow),
        );
    }

    /** By the flood line of the site plan, for every machine; null: it is not drawn. */
    private function aboveFlood(): ?bool
    {
        if ($this->design->job->plan->flooded === null || $this->design->places() === []) {
            return null;
        }

        return Fact::all(...array_map(fn (PlannedPlace $place): ?bool => $place->isAboveFlood(), $this->design->places()));
    }

    private function gas(): GasFacts
    {
        $fuel = $this->design->fuel();
        $meter = $this->design->job->site->gasMeterCfh;
        $wanted = $fuel?->meterCfh();
        if ($this->supply->fuel !== Fuel::NaturalGas) {
            return GasFacts::none();
        }
        // Without the appliances it can be proven too small, and not large enough.
        $isOpen = $wanted === null || $meter === null
            || ($this->design->job->fuelKept->appliances === [] && Limit::within($wanted, $meter));

        return $isOpen ? new GasFacts : new GasFacts(
            meterBtuh: $meter * GasPipes::BTU_PER_FT3_NATURAL, meterLoadBtuh: $wanted * GasPipes::BTU_PER_FT3_NATURAL,
        );
    }

    private function loads(): LegLoadsFacts
    {
        $fit = $this->design->fit();

        return $fit === null || $fit->plan->must === [] ? new LegLoadsFacts : new LegLoadsFacts(
            $fit->running->aAmps, $fit->running->bAmps, $fit->starting->peakAmps(),
        );
    }
}
