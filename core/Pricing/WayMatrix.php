<?php

declare(strict_types=1);

namespace Underpin\Pricing;

use Underpin\Connection\NightWork;
use Underpin\Connection\Possible;
use Underpin\Connection\WayVerdict;
use Underpin\Design\Design;
use Underpin\Pricing\Book\PriceBook;
use Underpin\Pricing\Estimate\Estimate;
use Underpin\Say;

/**
 * All the ways of connecting on one job, the best fit first, and the one that is recommended with its reason. Prices without the
 * machine.
 */
final readonly class WayMatrix
{
    /** @param  list<WayRow>  $rows  the best fit first */
    private function __construct(public array $rows)
    {
    }

    public static function of(Design $design, PriceBook $book): self
    {
        $rows = array_map(fn (WayVerdict $verdict): WayRow => self::row($design, $verdict, $book), $design->connections());
        $keys = array_map(fn (WayRow $row): array => $row->key(), $rows);
        array_multisort($keys, $rows);

        return new self($rows);
    }

    /** The row of a way; null: it is none of these. */
    public function find(?string $key): ?WayRow
    {
        foreach ($this->rows as $row) {
            if ($row->verdict->way->key() === $key) {
                return $row;
            }
        }

        return null;
    }

    /** The first that can be done and powers something; null: none can. */
    public function best(): ?WayRow
    {
        $first = $this->rows[0] ?? null;

        return $first !== null && $first->verdict->possible === Possible::Yes && $first->verdict->powers !== [] ? $first : null;
    }

    /** Why that one, with what the next would cost. */
    public function because(): string
    {
        $best = $this->best();
        if ($best === null) {
            return '';
        }
        $all = $best->verdict->dead === [] ? 'all '.Say::count($best->must, 'circuit').' that must run'
            : "{$best->powered()} of {$best->must} circuits that must run";
        $others = array_filter($this->rows, fn (WayRow $row): bool => $row !== $best && $row->verdict->possible === Possible::Yes
            && count($row->verdict->dead) === count($best->verdict->dead) && $row->suits === $best->suits);
        $next = array_values($others)[0] ?? null;
        $more = $next === null || $next->cost->open !== [] || $best->cost->open !== [] ? '' : sprintf(
            ' The next, %s, costs %s more.', $next->verdict->way->words(), $next->cost->sum->less($best->cost->sum)->rough(),
        );

        return sprintf(
            '%s powers %s%s; at night it asks %s.%s', ucfirst($best->verdict->way->words()), $all,
            $best->cost->open === [] ? sprintf(' for %s and %s h', $best->cost->sum->rough(), Say::figure($best->cost->hours)) : '',
            $best->night->words(), $more,
        );
    }

    private static function row(Design $design, WayVerdict $verdict, PriceBook $book): WayRow
    {
        $situation = $design->situation();
        $way = $verdict->way;
        $standby = $situation->supply?->machine->form->isStandby() === true;

        return new WayRow(
            $verdict, Cost::of(Estimate::of($design, $way, $book)), NightWork::of($way, $situation, null),
            $way->meter($situation),
            ! $way->isLastResort() && $standby === $way->transfersByItself(), count($situation->plan->must),
        );
    }
}
