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
     * @param  list<Component|Conductor|Bond>  $elements  in the order of the way from the source to the loads
     * @param  list<string>  $missing  what must be measured first
     */
    public function __construct(public array $elements, public array $missing = [])
    {
        $known = array_map(fn (Component $c): string => $c->id, $this->components());
        foreach ($this->conductors() as $conductor) {
            foreach ([$conductor->from, $conductor->to] as $end) {
                if (! in_array($end, $known, true)) {
                    throw new LogicException("The conductors '$conductor->id' end at '$end', which is not there.");
                }
            }
        }
    }

    /** @return list<Component> */
    public function components(?ComponentKind $kind = null): array
    {
        return array_values(array_filter(
            $this->elements,
            fn (Component|Conductor|Bond $e): bool => $e instanceof Component && ($kind === null || $e->kind === $kind),
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
            fn (Component|Conductor|Bond $e): bool => $e instanceof Conductor && ($kind === null || $e->kind === $kind),
        ));
    }

    public function conductor(ConductorKind $kind): ?Conductor
    {
        return $this->conductors($kind)[0] ?? null;
    }

    /** The same without one cord or run, as if it were not built. */
    public function without(Conductor $conductor): self
    {
        return new self(array_values(array_filter($this->elements, fn (object $e): bool => $e !== $conductor)), $this->missing);
    }

    /** @return list<Line> of every element, in order */
    public function lines(): array
    {
        return array_merge([], ...array_map(fn (Component|Conductor|Bond $e): array => $e->lines, $this->elements));
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
