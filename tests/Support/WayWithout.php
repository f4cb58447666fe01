<?php

declare(strict_types=1);

namespace Tests\Support;

use Closure;
use Underpin\Assembly\Assembly;
use Underpin\Assembly\Conductor;
use Underpin\Connection\MeansOfTransfer;
use Underpin\Connection\MeterWork;
use Underpin\Connection\Situation;
use Underpin\Connection\SwitchLayout;
use Underpin\Connection\Way;
use Underpin\Connection\WayVerdict;
use Underpin\Job\Panel;
use Underpin\Loads\Plan;
use Underpin\Sizing\Supply;

/** A way of connecting of which something is not built. */
final readonly class WayWithout implements Way
{
    /** @param  Closure(Assembly): Assembly  $without */
    private function __construct(private Way $way, private Closure $without)
    {
    }

    /** One cord or run. */
    public static function conductor(Way $way, string $id): self
    {
        return new self($way, function (Assembly $whole) use ($id): Assembly {
            $gone = array_values(array_filter($whole->conductors(), fn (Conductor $c): bool => $c->id === $id));

            return $whole->without($gone[0]);
        });
    }

    /** One single wire. */
    public static function wire(Way $way, string $id): self
    {
        return new self($way, fn (Assembly $whole): Assembly => $whole->withoutWire($id));
    }

    public function assemble(Situation $situation, Supply $supply): Assembly
    {
        return ($this->without)($this->way->assemble($situation, $supply));
    }

    public function key(): string
    {
        return $this->way->key();
    }

    public function words(): string
    {
        return $this->way->words();
    }

    public function verdict(Situation $situation): WayVerdict
    {
        return $this->way->verdict($situation);
    }

    public function isWired(): bool
    {
        return $this->way->isWired();
    }

    public function switchesNeutral(Situation $situation): ?bool
    {
        return $this->way->switchesNeutral($situation);
    }

    public function leavesToChoose(Situation $situation): array
    {
        return $this->way->leavesToChoose($situation);
    }

    public function isLastResort(): bool
    {
        return $this->way->isLastResort();
    }

    public function transfersByItself(): bool
    {
        return $this->way->transfersByItself();
    }

    public function joinsSharedNeutrals(Situation $situation): ?bool
    {
        return $this->way->joinsSharedNeutrals($situation);
    }

    public function fedPanels(Situation $situation): array
    {
        return $this->way->fedPanels($situation);
    }

    public function onGenerator(Situation $situation): Plan
    {
        return $this->way->onGenerator($situation);
    }

    public function layout(Situation $situation): ?SwitchLayout
    {
        return $this->way->layout($situation);
    }

    public function reachesMore(): bool
    {
        return $this->way->reachesMore();
    }

    public function leavesUtilityOn(): bool
    {
        return $this->way->leavesUtilityOn();
    }

    public function switchesAtPanel(): bool
    {
        return $this->way->switchesAtPanel();
    }

    public function inTheWay(Situation $situation): array
    {
        return $this->way->inTheWay($situation);
    }

    public function platedPanel(Situation $situation): ?Panel
    {
        return $this->way->platedPanel($situation);
    }

    public function means(): MeansOfTransfer
    {
        return $this->way->means();
    }

    public function transfers(Situation $situation): array
    {
        return $this->way->transfers($situation);
    }

    public function meter(Situation $situation): MeterWork
    {
        return $this->way->meter($situation);
    }

    public function failsBy(): string
    {
        return $this->way->failsBy();
    }

    public function atNight(): string
    {
        return $this->way->atNight();
    }

    public function throws(): string
    {
        return $this->way->throws();
    }

    public function unload(): string
    {
        return $this->way->unload();
    }

    public function caution(): string
    {
        return $this->way->caution();
    }

    public function toGenerator(Situation $situation, ?Assembly $assembly): array
    {
        return $this->way->toGenerator($situation, $assembly);
    }

    public function back(Situation $situation, ?Assembly $assembly): array
    {
        return $this->way->back($situation, $assembly);
    }
}
