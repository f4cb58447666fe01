<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule;

use Underpin\Job\Circuit;
use Underpin\Job\Panel;

/** What taking a schedule would change, keep and lose, circuit by circuit. */
final readonly class ScheduleChanges
{
    /**
     * @param  list<CircuitChange>  $changes  that a person would see
     * @param  int  $kept  circuits that stay as they are
     */
    private function __construct(public array $changes, public int $kept)
    {
    }

    /**
     * @param  list<Panel>  $before
     * @param  list<Panel>  $after  the same panels in the same order, and new ones behind them
     */
    public static function between(array $before, array $after): self
    {
        $changes = [];
        $kept = 0;
        foreach ($after as $i => $panel) {
            $was = self::byPlace($before[$i] ?? null);
            $is = self::byPlace($panel);
            foreach (array_keys($was + $is) as $place) {
                $change = new CircuitChange($panel->name, $was[$place] ?? null, $is[$place] ?? null);
                if ($change->isNone()) {
                    $kept++;
                } else {
                    $changes[] = $change;
                }
            }
        }

        return new self($changes, $kept);
    }

    /** Something was there before that could stay or go. */
    public function hadCircuits(): bool
    {
        return $this->kept > 0 || array_filter($this->changes, fn (CircuitChange $change): bool => $change->before !== null) !== [];
    }

    /** @return list<CircuitChange> */
    public function losses(): array
    {
        return array_values(array_filter($this->changes, fn (CircuitChange $change): bool => $change->isLoss()));
    }

    /** @return array<string, Circuit> by place, in the order of the spaces */
    private static function byPlace(?Panel $panel): array
    {
        $byPlace = [];
        foreach ($panel->circuits ?? [] as $circuit) {
            $byPlace[$circuit->label()] = $circuit;
        }

        return $byPlace;
    }
}
