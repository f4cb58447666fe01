<?php

declare(strict_types=1);

namespace Underpin\Pricing;

use Underpin\Assembly\ComponentKind;
use Underpin\Connection\Possible;
use Underpin\Connection\Way;
use Underpin\Design\Design;
use Underpin\Job\Outlet;
use Underpin\Job\Quote\LineKind;
use Underpin\Money;
use Underpin\Pricing\Book\PriceBook;
use Underpin\Pricing\Estimate\Estimate;
use Underpin\Pricing\Estimate\Priced;
use Underpin\Say;

/** The two old quarrels, with this job's own figures on both sides: interlock or switch, and an inlet for today or for 50 A. */
final class Schools
{
    private const LARGE_A = 50;

    /** @return list<string> sentences; none: neither is possible here */
    public static function interlockOrSwitch(WayMatrix $matrix): array
    {
        $interlock = $matrix->find('interlock');
        $switches = array_filter(
            [$matrix->find('manual_switch'), $matrix->find('transfer_subpanel')],
            fn (?WayRow $row): bool => $row !== null && $row->verdict->possible !== Possible::No,
        );
        usort($switches, fn (WayRow $x, WayRow $y): int => $x->key() <=> $y->key());
        $switch = $switches[0] ?? null;
        if ($interlock === null || $interlock->verdict->possible === Possible::No || $switch === null) {
            return [];
        }
        $name = $switch->verdict->way->words();
        $priced = $interlock->cost->open === [] && $switch->cost->open === [];
        $saves = $switch->cost->sum->less($interlock->cost->sum);

        return array_values(array_filter([
            ! $priced ? '' : sprintf(
                'The interlock costs %s, the %s %s: %s %s.', $interlock->cost->sum->rough(), $name, $switch->cost->sum->rough(),
                Money::cents(abs($saves->cents))->rough(), $saves->cents >= 0 ? 'less' : 'more',
            ),
            sprintf(
                'The interlock reaches %s; the %s %s that must run, for good.', Say::count(count($interlock->verdict->powers), 'circuit'),
                $name,
                Say::count($switch->powered(), 'circuit'),
            ),
            sprintf(
                'At night the interlock asks %s in the right order; the %s %s, with no order to get wrong.', $interlock->night->words(),
                $name,
                $switch->night->words(),
            ),
        ]));
    }

    /** @return list<string> sentences; none: no machine is picked, it has no outlet for an inlet, or the way takes none */
    public static function inletForTodayOrLater(Design $design, Way $way, PriceBook $book): array
    {
        $machine = $design->supply()?->machine;
        $takesInlet = $machine !== null && $machine->outlet !== Outlet::Terminals && $machine->volts === 240;
        if (! $takesInlet || $machine->outletAmps >= self::LARGE_A || ! self::hasInlet($design, $way)) {
            return [];
        }
        $wire = $design->job->wire;
        $today = Estimate::of($design, $way, $book);
        $large = Estimate::of(new Design($design->job->with($wire->withInlet(self::LARGE_A)), $design->ways), $way, $book);
        $more = Cost::of($large)->sum->less(Cost::of($today)->sum);
        $worst = max($design->fit()->running->aAmps ?? 0.0, $design->fit()->running->bAmps ?? 0.0);
        $open = array_values(array_unique([...Cost::of($today)->open, ...Cost::of($large)->open]));

        return [
            sprintf(
                '%s gives %d A, and what must run takes %s on the fuller leg.', $machine->name, $machine->outletAmps, Say::amps($worst),
            ),
            $open === [] ? sprintf(
                'An inlet and wire for %d A now cost %s more; later, torn out and done again, %s.', self::LARGE_A, $more->rough(),
                self::again($today, $large)->rough(),
            ) : 'What 50 A would cost now and later is not known: '.Say::list($open, 3).'.',
            'The breaker follows today\'s outlet either way; a larger inlet needs a cord that ends in its connector.',
        ];
    }

    private static function hasInlet(Design $design, Way $way): bool
    {
        return $design->assemblyBy($way)?->component(ComponentKind::Inlet) !== null;
    }

    /** What the larger one has otherwise than today's, whole, and the way there once more. */
    private static function again(Estimate $today, Estimate $large): Money
    {
        $same = array_map(fn (Priced $line): string => "$line->key $line->quantity", $today->lines);
        $comesAgain = ['visit', 'fee-travel'];
        $again = array_filter($large->lines, fn (Priced $line): bool => $line->kind !== LineKind::Machine
            && (in_array($line->key, $comesAgain, true) || ! in_array("$line->key $line->quantity", $same, true)));

        return Money::none()->plus(...array_values(array_map(fn (Priced $line): Money => $line->price ?? Money::none(), $again)));
    }
}
