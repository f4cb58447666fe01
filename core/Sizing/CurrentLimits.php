<?php

declare(strict_types=1);

namespace Underpin\Sizing;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\Conductor;
use Underpin\Assembly\ConductorKind;
use Underpin\Job\Outlet;
use Underpin\Say;

/**
 * What carries the current for hours, from the engine to the panel, the smallest first: that one binds. What is not picked or not built
 * yet is not among them. NEC 2023 240.4, 210.20(A) for the breaker; the label for the rest.
 */
final readonly class CurrentLimits
{
    /** @var non-empty-list<CurrentLimit> the smallest first */
    public array $limits;

    /** @param  ?Assembly  $built  null: no way is picked, or nothing is built by it yet */
    public function __construct(private Fit $fit, ?Assembly $built)
    {
        $supply = $fit->supply;
        $limits = [
            new CurrentLimit(self::engine($supply), $supply->ratedRunAmps()),
            new CurrentLimit(
                $supply->machine->outlet === Outlet::Terminals
                    ? 'the breaker of the machine'
                    : "the outlet {$supply->machine->outlet->value}",
                (float) $supply->machine->outletAmps,
            ),
        ];
        foreach ($built === null ? [] : $built->conductors(ConductorKind::Cord) as $cord) {
            // A cord set is made for the outlet that it fits.
            $limits = [...$limits, ...self::carried('the cord', $cord, $cord->amps)];
        }
        foreach ($built === null ? [] : $built->conductors(ConductorKind::Run) as $run) {
            $limits = [...$limits, ...self::carried('the conductors to the panel', $run, $run->choice?->ampacity->usableAmps)];
        }
        foreach ([ComponentKind::Inlet->value => 'the inlet', ComponentKind::Breaker->value => 'the generator breaker'] as $kind => $name) {
            $amps = self::amps($built?->component(ComponentKind::from($kind)));
            $limits = $amps === null ? $limits : [...$limits, new CurrentLimit($name, $amps)];
        }
        usort($limits, fn (CurrentLimit $x, CurrentLimit $y): int => $x->amps <=> $y->amps);
        $this->limits = $limits;
    }

    public function binding(): CurrentLimit
    {
        return $this->limits[0];
    }

    /** Amperes that the binding limit leaves on the leg that carries more; negative: it is over. */
    public function spareAmps(): float
    {
        return $this->binding()->amps - $this->fit->running->worstAmps();
    }

    /** Both legs together would fit, and one of them does not: what binds is the leg. */
    public function bindsOneLeg(): bool
    {
        $mean = ($this->fit->running->aAmps + $this->fit->running->bAmps) / 2;

        return $this->spareAmps() < 0 && $mean <= $this->binding()->amps && $this->fit->supply->feedsBothLegs();
    }

    /** "Leg A binds first: …", which limit it is, and what it leaves. */
    public function words(): string
    {
        $running = $this->fit->running;
        $leg = $this->fit->supply->feedsBothLegs() ? 'leg '.$running->worstLeg()->value : 'the one hot wire';
        $binding = $this->binding();

        return sprintf(
            '%s binds first: %s for hours; %s carries %s, %s. %s', ucfirst($binding->name), Say::amps($binding->amps), $leg,
            Say::amps($running->worstAmps()),
            $this->spareAmps() < 0 ? Say::amps(-$this->spareAmps()).' too much' : Say::amps($this->spareAmps()).' are free',
            $this->bindsOneLeg() ? 'Both legs together would fit: move a circuit to the other leg.' : '',
        );
    }

    private static function engine(Supply $supply): string
    {
        $site = $supply->site;
        $at = Say::list(array_values(array_filter([
            $site->altitudeFt === null ? '' : number_format($site->altitudeFt).' ft',
            $site->hottestF === null ? '' : number_format($site->hottestF).' °F',
        ])));

        return $supply->machine->form->isBattery()
            ? 'the electronics'
            : "the engine on {$supply->fuel->value}".($at === '' ? '' : ", at $at");
    }

    /** @return list<CurrentLimit> none: what they are judged at is not known */
    private static function carried(string $name, Conductor $conductor, ?float $amps): array
    {
        $size = $conductor->size === null ? '' : ", {$conductor->size->words()}";

        return $amps === null ? [] : [new CurrentLimit($name.$size, $amps)];
    }

    private static function amps(?Component $component): ?float
    {
        return $component?->amps === null ? null : (float) $component->amps;
    }
}
