<?php

declare(strict_types=1);

namespace Underpin\Service;

use Underpin\Job\Circuit;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;

/**
 * In which building each panel stands, as far as somebody looked: a feeder that goes to another one says so
 * at its panel. The first panel that the service feeds stands where the service comes in, unless it says otherwise;
 * of every other one it has to be said.
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

    /**
     * Two panels stand in the same building; null: nobody looked where one of the feeders between them goes, or both
     * stand in another one than what feeds them, which may be the same.
     */
    public function together(Panel $one, Panel $other): ?bool
    {
        [$up, $down] = [$this->above($one), $this->above($other)];
        $ways = [
            array_map($this->isElsewhere(...), array_diff_key($up, $down)),
            array_map($this->isElsewhere(...), array_diff_key($down, $up)),
        ];
        $leaving = array_filter($ways, fn (array $way): bool => in_array(true, $way, true));

        return match (count($leaving)) {
            0 => in_array(null, [...$ways[0], ...$ways[1]], true) ? null : true,
            1 => false,
            default => null,
        };
    }

    /** Whether a panel stands in another building than what feeds it decides where its circuits begin, so it has to be asked. */
    public function asks(Panel $panel): bool
    {
        return $this->panel($panel->fedFrom) !== null
            || $panel->id !== $this->atService()?->id && count(array_filter($this->panels, $this->isFirst(...))) > 1;
    }

    private function isElsewhere(Panel $panel): ?bool
    {
        return $panel->otherBuilding ?? ($panel->id === $this->atService()?->id ? false : null);
    }

    /** The first that the service feeds with nothing between. */
    private function atService(): ?Panel
    {
        $mains = array_filter($this->panels, fn (Panel $panel): bool => $panel->kind === PanelKind::Main && $panel->fedFrom === '');

        return array_values($mains)[0] ?? null;
    }

    /** No other panel feeds it. */
    private function isFirst(Panel $panel): bool
    {
        return $this->panel($panel->fedFrom) === null;
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
