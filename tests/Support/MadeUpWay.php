<?php

declare(strict_types=1);

namespace Tests\Support;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\Conductor;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Line;
use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\Material;
use Underpin\Codebook\Source;
use Underpin\Connection\MeansOfTransfer;
use Underpin\Connection\MeterWork;
use Underpin\Connection\OwnerStep;
use Underpin\Connection\Reason;
use Underpin\Connection\Situation;
use Underpin\Connection\SwitchLayout;
use Underpin\Connection\Way;
use Underpin\Connection\WayVerdict;
use Underpin\Job\Panel;
use Underpin\Loads\Plan;
use Underpin\Sizing\Supply;

/** A way of connecting that nobody builds: it shows what a new one needs, and that nothing else does. */
final class MadeUpWay implements Way
{
    public function key(): string
    {
        return 'rope';
    }

    public function words(): string
    {
        return 'rope from a balloon';
    }

    public function verdict(Situation $situation): WayVerdict
    {
        return new WayVerdict(
            $this, [Reason::note('The balloon hangs still.', Source::practice('ballooning'))], $situation->plan->must, [],
        );
    }

    public function isWired(): bool
    {
        return false;
    }

    public function switchesNeutral(Situation $situation): ?bool
    {
        return false;
    }

    public function leavesToChoose(Situation $situation): array
    {
        return [];
    }

    public function isLastResort(): bool
    {
        return true;
    }

    public function transfersByItself(): bool
    {
        return false;
    }

    public function joinsSharedNeutrals(Situation $situation): ?bool
    {
        return false;
    }

    public function fedPanels(Situation $situation): array
    {
        return [];
    }

    public function onGenerator(Situation $situation): Plan
    {
        return $situation->plan;
    }

    public function layout(Situation $situation): ?SwitchLayout
    {
        return null;
    }

    public function reachesMore(): bool
    {
        return false;
    }

    public function leavesUtilityOn(): bool
    {
        return false;
    }

    public function switchesAtPanel(): bool
    {
        return false;
    }

    public function inTheWay(Situation $situation): array
    {
        return [];
    }

    public function platedPanel(Situation $situation): ?Panel
    {
        return null;
    }

    public function assemble(Situation $situation, Supply $supply): Assembly
    {
        return new Assembly([
            new Component('balloon', ComponentKind::Generator, 'Balloon'),
            new Component('roof', ComponentKind::Appliance, 'Roof'),
            new Conductor(
                'rope', ConductorKind::Cord, 'balloon', 'roof', [], ConductorSize::Awg10, Material::Copper, 30.0, 30.0, 240.0,
                lines: [new Line('Rope', 'hemp', 'It hangs down.', Source::practice('ballooning'))],
            ),
        ]);
    }

    public function means(): MeansOfTransfer
    {
        return MeansOfTransfer::Cords;
    }

    public function transfers(Situation $situation): array
    {
        return [];
    }

    public function meter(Situation $situation): MeterWork
    {
        return MeterWork::Stays;
    }

    public function failsBy(): string
    {
        return 'wind';
    }

    public function atNight(): string
    {
        return 'Pull the rope down.';
    }

    public function throws(): string
    {
        return 'Knot';
    }

    public function unload(): string
    {
        return 'let go of nothing.';
    }

    public function caution(): string
    {
        return 'Never let go of the rope.';
    }

    public function toGenerator(Situation $situation, ?Assembly $assembly): array
    {
        return [new OwnerStep('Call the balloon.')];
    }

    public function back(Situation $situation, ?Assembly $assembly): array
    {
        return [new OwnerStep('Send the balloon home.')];
    }
}
