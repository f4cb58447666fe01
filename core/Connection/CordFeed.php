<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\Conductor;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Element;
use Underpin\Assembly\Line;
use Underpin\Codebook\FlexibleCords;
use Underpin\Codebook\Material;
use Underpin\Codebook\Source;
use Underpin\Job\Outlet;
use Underpin\Sizing\Supply;
use Underpin\Wiring\VoltageDrop;

/** A cord from the machine straight into a switch that has its own inlet: nothing fixed lies between. Amperes, volts, feet. */
final class CordFeed
{
    /** @param  list<Element>  $more  what the way adds at the house */
    public static function assembly(
        Situation $situation, Supply $supply, string $outlet, int $amps, Component $switch, array $more,
    ): Assembly {
        $feet = $situation->job->wire->cordFt;
        $volts = Outlet::from($outlet)->volts() ?? $supply->machine->volts;
        $size = FlexibleCords::size($amps);
        $drop = $feet === null ? null : VoltageDrop::along(Material::Copper, $size, $feet, $amps, $volts);
        $plug = Outlet::from($outlet)->plug();
        $lines = [
            new Line(
                'Outlet', "$outlet, $volts V, $amps A",
                'The live side is always the female side: an outlet ends in R, what goes into it in P.',
                new Source('NEMA WD 6', ''),
            ),
            new Line(
                'Cord',
                "{$size->words()}, $plug to female connector, ".($feet === null ? 'length to be measured' : number_format($feet).' ft'),
                "Male at the machine, female at the $switch->name, never two male ends.", Source::nec('Table 400.5(A)(1), 406.7'),
            ),
        ];

        return new Assembly([
            new Component('generator', ComponentKind::Generator, $supply->machine->name, $amps, $volts),
            new Component(
                'outlet', ComponentKind::Outlet, 'Outlet', $amps, $volts, designation: $outlet, lines: [$lines[0]], inside: 'generator',
            ),
            $switch,
            new Conductor(
                'cord', ConductorKind::Cord, 'outlet', $switch->id, Bundle::wires(
                    'cord', Bundle::of($volts === 240), Ends::plug('outlet', $volts === 240), Ends::side($switch->id, 'generator'), $size,
                ), $size, Material::Copper, $feet, $amps, (float) $volts, null, $drop, [$lines[1]],
            ),
            ...$more,
        ], $feet === null ? ['the cord\'s length'] : []);
    }
}
