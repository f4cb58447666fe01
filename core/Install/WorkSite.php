<?php

declare(strict_types=1);

namespace Underpin\Install;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\Conductor;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Terminal;
use Underpin\Assembly\Wire;
use Underpin\Connection\MeterWork;
use Underpin\Connection\Way;
use Underpin\Design\Design;
use Underpin\Job\Job;
use Underpin\Job\Panel;
use Underpin\Sizing\Supply;

/** What the work is done on: the thing that will be built, and which boxes of the house are opened for it. */
final readonly class WorkSite
{
    private function __construct(public Design $design, public Way $way, public Supply $supply, public Assembly $built)
    {
    }

    /** Null: no machine or no way is picked, or nothing is wired. */
    public static function of(Design $design): ?self
    {
        $way = $design->way();
        $supply = $design->supply();
        $built = $design->assembly();

        return $way === null || $supply === null || $built === null || ! $way->isWired() ? null : new self($design, $way, $supply, $built);
    }

    public function job(): Job
    {
        return $this->design->job;
    }

    /** What becomes of the utility's meter. */
    public function meter(): MeterWork
    {
        return $this->way->meter($this->design->situation());
    }

    /** @return list<OpenedBox> boxes of the house that are there already and that new conductors or parts go into, each once */
    public function opened(): array
    {
        $ids = [];
        foreach ($this->laid() as $conductor) {
            foreach ($conductor->wires as $wire) {
                array_push($ids, $this->built->enclosure($wire->from->component), $this->built->enclosure($wire->to->component));
            }
        }
        foreach ($this->built->components(ComponentKind::Interlock) as $plate) {
            $ids[] = $this->built->enclosure($plate->id);
        }
        $opened = [];
        foreach ($this->built->components() as $component) {
            // A panel that is replaced is opened, and goes out.
            $panel = $this->panel($component) ?? $this->replaced($component);
            if (in_array($component->id, $ids, true) && ($panel !== null || $this->isOfHouse($component))) {
                $opened[] = new OpenedBox(
                    $component->id, $panel->name ?? $component->name, $panel, $component->kind === ComponentKind::Utility,
                );
            }
        }

        return $opened;
    }

    private function replaced(Component $component): ?Panel
    {
        return $component->kind === ComponentKind::Switch && $component->panel !== null
            ? $this->job()->service->panel($component->panel) : null;
    }

    /** The panel of the survey that a component is; null: it is none. */
    public function panel(Component $component): ?Panel
    {
        return $component->kind === ComponentKind::Panel && $component->panel !== null
            ? $this->job()->service->panel($component->panel) : null;
    }

    /** @return list<Conductor> that this work lays: no cords, and nothing that is there already */
    public function laid(): array
    {
        return array_values(array_filter(
            $this->built->conductors(),
            fn (Conductor $c): bool => ! in_array($c->kind, [ConductorKind::Cord, ConductorKind::Found], true),
        ));
    }

    /** @return list<Component> new boxes that are mounted: everything with a place of its own that is not of the house */
    public function mounted(): array
    {
        $kinds = [ComponentKind::Inlet, ComponentKind::Switch, ComponentKind::Box, ComponentKind::Panel, ComponentKind::Generator,
            ComponentKind::Surge, ComponentKind::Disconnect];

        return array_values(array_filter(
            $this->built->components(),
            fn (Component $c): bool => in_array($c->kind, $kinds, true) && $c->inside === null && ! $this->isOfHouse($c)
                && ($c->kind !== ComponentKind::Generator || $this->supply->machine->form->isStandby()),
        ));
    }

    /** Inch-pounds by a label that was read in the survey or when the wire was chosen; null: it is read on the spot. */
    public function labelInLb(Terminal $terminal): ?float
    {
        $laying = $this->job()->wire->laying;
        $atBreaker = $this->built->enclosure('breaker');

        return match (true) {
            $terminal->component === 'breaker' => $laying->breakerInLb,
            $terminal->component === 'inlet' => $laying->inletInLb,
            $terminal->component === $atBreaker && $terminal->name === 'neutral bar' => $laying->neutralInLb,
            $terminal->component === $atBreaker && $terminal->name === 'ground bar' => $laying->groundInLb,
            default => null,
        };
    }

    /** Where a conductor ends, as it is said: "ground bar of House panel". */
    public function terminalWords(Terminal $terminal): string
    {
        $of = $this->built->nameOf($terminal->component);

        return $terminal->name === '' ? "the breaker $of" : "$terminal->name of $of";
    }

    /** @return list<array{Wire, Terminal}> every end that this work makes in a box */
    public function endsIn(string $enclosure): array
    {
        $ends = [];
        foreach ($this->laid() as $conductor) {
            foreach ($conductor->wires as $wire) {
                foreach ([$wire->from, $wire->to] as $end) {
                    if ($this->built->enclosure($end->component) === $enclosure) {
                        $ends[] = [$wire, $end];
                    }
                }
            }
        }

        return $ends;
    }

    private function isOfHouse(Component $component): bool
    {
        return $this->panel($component) !== null || $component->kind === ComponentKind::Utility
            || ($component->kind === ComponentKind::Disconnect
                && $this->job()->service->disconnect((string) preg_replace('/^disconnect:/', '', $component->id)) !== null);
    }
}
