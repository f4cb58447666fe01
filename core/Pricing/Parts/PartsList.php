<?php

declare(strict_types=1);

namespace Underpin\Pricing\Parts;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\Conductor;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Sign;
use Underpin\Connection\DerivedSystem;
use Underpin\Design\Design;

/**
 * What must be ordered for the thing that will be built: every new component, conductor and sign of its graph. A length is the run
 * with its slack; what is not measured is missing, never guessed.
 */
final readonly class PartsList
{
    /**
     * @param  list<PartLine>  $lines  like parts are one line
     * @param  list<string>  $missing  what must be measured or chosen first
     */
    private function __construct(public array $lines, public array $missing)
    {
    }

    public static function of(Design $design): self
    {
        $built = $design->assembly();
        if ($built === null) {
            return new self([], [match (true) {
                $design->supply() === null => 'a machine',
                $design->way() === null => 'a way of connecting',
                default => 'a conductor that carries what the outlet gives',
            }]);
        }
        $lines = array_merge(
            [], ...array_map(fn (Component $c): array => self::component($c, $built), $built->components()),
            ...array_map(
                fn (Conductor $c): array => (new ConductorParts($c, $built, $design->situation()->job->wire))->lines(), self::new($built),
            ),
        );
        $signs = array_map(fn (Sign $s): PartLine => PartLine::one(PartKind::Label, "Sign: $s->heading", $s->place), $built->signs());

        return new self(self::merged([...$lines, ...$signs, ...self::pad($design)]), self::missingOf($design, $built));
    }

    /** @return list<Conductor> those that were not there before */
    private static function new(Assembly $built): array
    {
        return array_values(array_filter($built->conductors(), fn (Conductor $c): bool => $c->kind !== ConductorKind::Found));
    }

    /** @return list<PartLine> none: it is there already, or comes with something else */
    private static function component(Component $component, Assembly $built): array
    {
        $amps = $component->amps === null ? '' : "$component->amps A";
        $within = array_values(array_filter($built->components(), fn (Component $c): bool => $c->id === $component->inside))[0] ?? null;
        $at = $within === null ? $component->name : "$component->name, $within->name";

        return match ($component->kind) {
            ComponentKind::Generator => [PartLine::one(PartKind::Other, $component->name, 'the machine')],
            ComponentKind::Inlet => [
                PartLine::one(PartKind::Inlet, trim("Inlet $component->designation, $amps"), 'where the cord goes in'),
            ],
            // The breaker of a machine comes with it.
            ComponentKind::Breaker => $within?->kind === ComponentKind::Generator ? [] : [
                PartLine::one(PartKind::Breaker, self::breaker($component->amps, $component->poles), $at),
            ],
            ComponentKind::Interlock => [
                PartLine::one(PartKind::Interlock, 'Interlock kit, listed for '.($within->name ?? 'the panel'), $at),
                PartLine::one(PartKind::Fitting, 'Hold-down kit for a back-fed breaker', $at),
            ],
            ComponentKind::Switch => [PartLine::one(PartKind::Switch, trim("$component->name, $amps", ', '), $component->name)],
            ComponentKind::Box => [PartLine::one(PartKind::Box, $component->name, $component->name)],
            ComponentKind::Electrode => self::isNew($component) ? [
                PartLine::one(PartKind::Other, $component->name, 'beside the machine'),
            ] : [],
            ComponentKind::Surge => [PartLine::one(PartKind::Protection, $component->name, 'the service')],
            ComponentKind::Utility, ComponentKind::Disconnect, ComponentKind::Outlet, ComponentKind::Main, ComponentKind::Circuit,
            ComponentKind::Panel, ComponentKind::Appliance => [],
        };
    }

    public static function breaker(?int $amps, ?int $poles): string
    {
        return ($amps === null ? 'Breaker, rating by the service' : "Breaker, $amps A").', '.match ($poles) {
            1 => 'one pole', 2 => 'two poles', default => 'poles as the circuit has',
        }.', of the series that the panel names';
    }

    /** The electrodes of a house are there; that of a machine is driven. */
    private static function isNew(Component $electrode): bool
    {
        return $electrode->id === DerivedSystem::ELECTRODE;
    }

    /** @return list<PartLine> */
    private static function pad(Design $design): array
    {
        $machine = $design->supply()?->machine;

        return $machine?->form->isStandby() !== true ? [] : [
            PartLine::one(PartKind::Pad, $design->job->plan->spot?->platformIn > 0 ? 'Platform' : 'Pad, level', "under $machine->name"),
        ];
    }

    /** @return list<string> */
    private static function missingOf(Design $design, Assembly $built): array
    {
        $missing = array_merge($built->missing, ...array_map(
            fn (Conductor $c): array => (new ConductorParts($c, $built, $design->situation()->job->wire))->missing(), self::new($built),
        ));

        return array_values(array_unique($missing));
    }

    /**
     * @param  list<PartLine>  $lines
     * @return list<PartLine>
     */
    private static function merged(array $lines): array
    {
        $merged = [];
        foreach ($lines as $line) {
            $key = "{$line->kind->value} $line->part $line->unit";
            $merged[$key] = isset($merged[$key]) ? $merged[$key]->and($line) : $line;
        }

        return array_values($merged);
    }
}
