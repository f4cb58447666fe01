<?php

declare(strict_types=1);

namespace Underpin\Pricing;

use Underpin\Connection\Item;
use Underpin\Connection\Need;
use Underpin\Connection\Possible;
use Underpin\Design\Design;
use Underpin\Job\Outlet;
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
        $saves = $switch->cost->usd - $interlock->cost->usd;

        return array_values(array_filter([
            ! $priced ? '' : sprintf(
                'The interlock costs $%s, the %s $%s: $%s %s.', number_format($interlock->cost->usd), $name,
                number_format($switch->cost->usd),
                number_format(abs($saves)), $saves >= 0 ? 'less' : 'more',
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

    /** @return list<string> sentences; none: no machine is picked, or it has no outlet for an inlet */
    public static function inletForTodayOrLater(Design $design, PriceBook $book): array
    {
        $machine = $design->supply()?->machine;
        $takesInlet = $machine !== null && $machine->outlet !== Outlet::Terminals && $machine->volts === 240;
        if (! $takesInlet || $machine->outletAmps >= self::LARGE_A) {
            return [];
        }
        $wire = $design->situation()->job->wire;
        $cost = fn (int $amps, bool $cord): Cost => Cost::of($book, [
            new Need(Item::inlet($amps)), new Need(Item::run($amps), $wire->runFt),
            ...$cord ? [new Need(Item::cord($amps), $wire->cordFt)] : [],
        ]);
        $today = $cost($machine->outletAmps, false);
        $large = $cost(self::LARGE_A, false);
        $later = Cost::of(
            $book, [new Need(Item::inlet(self::LARGE_A)), new Need(Item::run(self::LARGE_A), $wire->runFt), new Need(Item::Visit)],
        );
        $worst = max($design->fit()->running->aAmps ?? 0.0, $design->fit()->running->bAmps ?? 0.0);
        $open = array_unique([...$today->open, ...$large->open]);

        return [
            sprintf(
                '%s gives %d A, and what must run takes %s on the fuller leg.', $machine->name, $machine->outletAmps, Say::amps($worst),
            ),
            $open === [] ? sprintf(
                'An inlet and wire for %d A now cost $%s more; later, torn out and done again, $%s.', self::LARGE_A,
                number_format($large->usd - $today->usd), number_format($later->usd),
            ) : 'What 50 A would cost now and later is not known: '.Say::list(array_values($open), 3).'.',
            'The breaker follows today\'s outlet either way; a larger inlet needs a cord that ends in its connector.',
        ];
    }
}
