<?php

declare(strict_types=1);

namespace Underpin\Service;

use Underpin\Job\Circuit;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;

/**
 * In which building each panel stands, as far as somebody looked: a feeder that goes to another one says so
 * at its panel; a main panel stands where the service comes in, unless it says otherwise.
 */
final readonly class Buildings
{
    /** @param  list<Panel>  $panels */
    public function __construct(private array $panels)
    {
    }

    /** A circuit begins in the same building as a panel; null: nobody looked where one of the feeders between them goes. */
    public function has(Panel $panel, Circuit $circuit): ?bool
    {
        foreach ($this->panels as $each) {
            if ($each->circuit($circuit->id) !== null) {
                return $this->together($each, $panel);
            }
        }

        return null;
    }

    /** Two panels stand in the same building; null: nobody looked where one of the feeders between them goes. */
    public function together(Panel $one, Panel $other): ?bool
    {
        [$up, $down] = [$this->above($one), $this->above($other)];
        $between = [...array_diff_key($up, $down), ...array_diff_key($down, $up)];
        $stands = fn (Panel $panel): ?bool => $panel->otherBuilding
            ?? ($panel->kind === PanelKind::Main && $panel->fedFrom === '' ? false : null);
        $known = array_map($stands, $between);

        return in_array(true, $known, true) ? false : (in_array(null, $known, true) ? null : true);
    }

    /** @return array<string, Panel> the panel and those that it is fed through, by id; one that the service feeds is where all begin */
    private function above(Panel $panel): array
    {
        $above = [];
        for ($each = $panel; $each !== null && ! isset($above[$each->id]); $each = $this->panel($each->fedFrom)) {
            $above[$each->id] = $each;
        }

        return $above;
    }

    private function panel(string $id): ?Panel
    {
        return array_values(array_filter($this->panels, fn (Panel $panel): bool => $panel->id === $id))[0] ?? null;
    }
}
