<?php

declare(strict_types=1);

namespace Underpin\Assembly;

use LogicException;
use Underpin\Codebook\DropLimits;
use Underpin\Limit;

/**
 * The thing that will be built: components, the conductors between them and the bonds. Every table,
 * drawing and paper reads it; none works anything of it out a second time.
 */
final readonly class Assembly
{
    /**
     * @param  list<Element>  $elements  in the order of the way from the source to the loads
     * @param  list<string>  $missing  what must be measured first
     */
    public function __construct(public array $elements, public array $missing = [])
    {
        $known = array_map(fn (Component $c): string => $c->id, $this->components());
        $ids = array_map(fn (Element $e): string => $e->id(), $elements);
        if (count(array_unique($ids)) < count($ids)) {
            throw new LogicException('Two of these have one id: '.implode(', ', $ids));
        }
        foreach ($this->conductors() as $conductor) {
            $ends = [$conductor->from, $conductor->to];
            foreach ($conductor->wires as $wire) {
                array_push($ends, $wire->from->component, $wire->to->component);
            }
            if (array_diff($ends, $known) !== []) {
                throw new LogicException(sprintf(
                    "The conductors '%s' end at '%s', which is not there.", $conductor->id, implode(', ', array_diff($ends, $known)),
                ));
            }
        }
    }

    /** @return list<Component> */
    public function components(?ComponentKind $kind = null): array
    {
        return array_values(array_filter(
            $this->elements,
            fn (Element $e): bool => $e instanceof Component && ($kind === null || $e->kind === $kind),
        ));
    }

    public function component(ComponentKind $kind): ?Component
    {
        return $this->components($kind)[0] ?? null;
    }

    /** @return list<Conductor> */
    public function conductors(?ConductorKind $kind = null): array
    {
        return array_values(array_filter(
            $this->elements,
            fn (Element $e): bool => $e instanceof Conductor && ($kind === null || $e->kind === $kind),
        ));
    }

    public function conductor(ConductorKind $kind): ?Conductor
    {
        return $this->conductors($kind)[0] ?? null;
    }

    /** The same without one cord or run, as if it were not built. */
    public function without(Conductor $conductor): self
    {
        return new self(array_values(array_filter($this->elements, fn (Element $e): bool => $e !== $conductor)), $this->missing);
    }

    /** The same without one single conductor. */
    public function withoutWire(string $id): self
    {
        return new self(array_map(
            fn (Element $e): Element => $e instanceof Conductor ? $e->withoutWire($id) : $e,
            $this->elements,
        ), $this->missing);
    }

    /** The same with more of it. */
    public function with(Element ...$elements): self
    {
        return new self([...$this->elements, ...array_values($elements)], $this->missing);
    }

    /**
     * The same with the lengths that were measured of what else is laid.
     *
     * @param  array<string, float>  $ft  by what lies between the same two, feet
     */
    public function measured(array $ft): self
    {
        return $ft === [] ? $this : new self(array_map(
            fn (Element $e): Element => $e instanceof Conductor && $e->isMeasured() ? $e->long($ft[$e->between()] ?? null) : $e,
            $this->elements,
        ), $this->missing);
    }

    /** @return array<string, non-empty-list<Conductor>> what is measured once for all of them, by what lies between the same two */
    public function toMeasure(): array
    {
        $between = [];
        foreach ($this->conductors() as $conductor) {
            if ($conductor->isMeasured()) {
                $between[$conductor->between()][] = $conductor;
            }
        }

        return $between;
    }

    /** What a component is called; its id where there is none. */
    public function nameOf(string $id): string
    {
        foreach ($this->components() as $component) {
            if ($component->id === $id) {
                return $component->name;
            }
        }

        return $id;
    }

    /** @return list<Wire> every single conductor */
    public function wires(): array
    {
        return array_merge([], ...array_map(fn (Conductor $c): array => $c->wires, $this->conductors()));
    }

    /** @return list<Bond> */
    public function bonds(): array
    {
        return array_values(array_filter($this->elements, fn (Element $e): bool => $e instanceof Bond));
    }

    /** @return list<Deed> */
    public function deeds(): array
    {
        return array_values(array_filter($this->elements, fn (Element $e): bool => $e instanceof Deed));
    }

    /** @return list<Sign> */
    public function signs(): array
    {
        return array_values(array_filter($this->elements, fn (Element $e): bool => $e instanceof Sign));
    }

    /** @return list<TableRow> of every element, in order: the wire table */
    public function rows(): array
    {
        $rows = [];
        foreach ($this->elements as $element) {
            foreach ($element->says() as $i => $line) {
                $rows[] = new TableRow($element->id(), $line, $i === 0);
            }
        }

        return $rows;
    }

    /** @return list<Line> of the wire table */
    public function lines(): array
    {
        return array_map(fn (TableRow $row): Line => $row->line, $this->rows());
    }

    /** The id of the enclosure that a component sits in: its own where it is one. */
    public function enclosure(string $component): string
    {
        foreach ($this->components() as $each) {
            if ($each->id === $component) {
                return $each->inside ?? $each->id;
            }
        }

        return $component;
    }

    /** Per cent of the voltage that is lost on the way; null: no length is measured. */
    public function dropPct(): ?float
    {
        $drops = array_filter(array_map(fn (Conductor $c): ?float => $c->drop?->dropPct, $this->conductors()), is_float(...));

        return $drops === [] ? null : array_sum($drops);
    }

    public function dropIsLong(): bool
    {
        return Limit::over($this->dropPct() ?? 0.0, DropLimits::RECOMMENDED_PCT);
    }

    /** Volts at the source of the way. */
    public function volts(): float
    {
        return $this->conductors()[0]->volts ?? 0.0;
    }

    /** Volts left at its end with the outlet fully loaded; null: no length is measured. */
    public function endV(): ?float
    {
        $lost = array_sum(array_map(fn (Conductor $c): float => $c->drop->dropV ?? 0.0, $this->conductors()));

        return $this->dropPct() === null ? null : max(0.0, $this->volts() - $lost);
    }
}
