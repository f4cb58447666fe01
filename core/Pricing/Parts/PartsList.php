<?php

declare(strict_types=1);

namespace Underpin\Pricing\Parts;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\Conductor;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Deed;
use Underpin\Assembly\Part;
use Underpin\Assembly\PartKind;
use Underpin\Assembly\Sign;
use Underpin\Connection\DerivedSystem;
use Underpin\Connection\Way;
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
        return self::by($design, $design->way());
    }

    /** By a way that need not be the one that was picked. */
    public static function by(Design $design, ?Way $way): self
    {
        $built = $way === null ? null : $design->assemblyBy($way);
        if ($built === null) {
            return new self([], [match (true) {
                $design->supply() === null => 'a machine',
                $way === null => 'a way of connecting',
                default => 'a conductor that carries what the outlet gives',
            }]);
        }
        $lines = array_merge(
            [], ...array_map(fn (Component $c): array => self::component($c, $built), $built->components()),
            ...array_map(fn (Deed $deed): array => $deed->part === null ? [] : [
                PartLine::each($deed->part, $deed->place, $deed->count),
            ], $built->deeds()), ...array_map(
                fn (Conductor $c): array => (new ConductorParts($c, $built, $design->situation()->job->wire))->lines(), self::new($built),
            ),
        );
        $signs = array_map(fn (Sign $s): PartLine => PartLine::each(
            new Part(PartKind::Label, 'Sign, printed to last outdoors'), "$s->heading, $s->place",
        ), $built->signs());

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
        $order = $component->order ?? $component->name;
        $part = fn (PartKind $kind, string $words): array => [PartLine::each(new Part($kind, $words), $at)];

        return match ($component->kind) {
            ComponentKind::Generator => $part(PartKind::Other, $order),
            ComponentKind::Inlet => $part(PartKind::Inlet, trim("Inlet $component->designation, $amps")),
            // The breaker of a machine comes with it.
            ComponentKind::Breaker => $within?->kind === ComponentKind::Generator ? [] : [
                PartLine::each(Part::breaker($component->amps, $component->poles), $at),
            ],
            ComponentKind::Interlock => [
                ...$part(PartKind::Interlock, 'Interlock kit, as listed for the panel'),
                ...$part(PartKind::Fitting, 'Hold-down kit for a back-fed breaker'),
            ],
            ComponentKind::Switch => $part(PartKind::Switch, trim("$order, $amps", ', ')),
            ComponentKind::Box => $part(PartKind::Box, $order),
            ComponentKind::Electrode => self::isNew($component) ? $part(PartKind::Other, $order) : [],
            ComponentKind::Surge => $part(PartKind::Protection, $order),
            ComponentKind::Utility, ComponentKind::Disconnect, ComponentKind::Outlet, ComponentKind::Main, ComponentKind::Circuit,
            ComponentKind::Panel, ComponentKind::Appliance => [],
        };
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
            PartLine::each(
                new Part(PartKind::Pad, $design->job->plan->spot?->platformIn > 0 ? 'Platform' : 'Pad, level'), "under $machine->name",
            ),
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
