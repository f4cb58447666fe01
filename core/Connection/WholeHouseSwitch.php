<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Codebook\Source;
use Underpin\Connection\Source\SourceSteps;
use Underpin\Job\Panel;
use Underpin\Sizing\Supply;

/**
 * A switch with a handle between meter and panel: the whole panel is on the utility, on nothing, or on the generator. NEC 2023
 * 702.5(A).
 */
final class WholeHouseSwitch implements Way
{
    use FeedsBehind;
    use FeedsPanels;

    public function key(): string
    {
        return 'whole_house_manual';
    }

    public function leavesToChoose(Situation $situation): array
    {
        return [WayChoice::Neutral, WayChoice::UtilityFault, WayChoice::Withstand, WayChoice::Interrupt];
    }

    public function words(): string
    {
        return 'manual whole-house switch between meter and panel';
    }

    public function verdict(Situation $situation): WayVerdict
    {
        $panel = $this->panelOf($situation);
        $at = new AtService($situation, $panel);
        $reach = Reach::of($situation, $this->fedPanels($situation));

        return new WayVerdict($this, $panel === null ? [
            Reason::open('No panel has been surveyed.', Source::practice('survey'), 'survey the panel'),
        ] : [
            ...$at->reasons(), ...$at->rating(), ...Capacity::byHand(), ...$this->onOneHot($situation), ...$this->staysDead($situation),
        ], $reach->powers, $reach->dead);
    }

    public function switchesNeutral(Situation $situation): ?bool
    {
        return $situation->job->connection->switchesNeutral;
    }

    public function means(): MeansOfTransfer
    {
        return MeansOfTransfer::WholeHouseManual;
    }

    public function transfers(Situation $situation): array
    {
        $panel = $this->panelOf($situation);

        return $panel === null ? [] : [
            new TransferPoint(TransferKind::Switch, 'Manual whole-house switch', (new AtService($situation, $panel))->switchAmps(), $panel),
        ];
    }

    public function meter(Situation $situation): MeterWork
    {
        return (new AtService($situation, $this->panelOf($situation)))->meter();
    }

    public function failsBy(): string
    {
        return 'everything at once on a cold engine, when no breaker was turned off first';
    }

    public function assemble(Situation $situation, Supply $supply): Assembly
    {
        $panel = $this->panelOf($situation);
        $make = SwitchMake::Manual;

        return (new GeneratorFeed($situation, $supply, (new AtService($situation, $panel))->switchAmps()))->assembly(
            FirstBreaker::inSwitch('Generator breaker at the switch', Source::nec('240.4, 110.3(B)')),
            $panel === null ? [new Component('switch', ComponentKind::Switch, $make->value, task: $make->task(null))]
                : (new SwitchAhead($situation, $panel, 'switch', $make->value, $make))->parts(),
        );
    }

    public function atNight(): string
    {
        return 'Turn the breakers off, move the handle from UTILITY over OFF to GENERATOR, and bring the circuits on one by one.';
    }

    public function caution(): string
    {
        return 'Never two sources at once. Never force the switch, never take it off.';
    }

    public function unload(): string
    {
        return 'turn off every circuit breaker, then move the handle of the transfer switch to OFF.';
    }

    public function toGenerator(Situation $situation, ?Assembly $assembly): array
    {
        $source = SourceSteps::of($situation, $assembly);

        return [
            ...PanelSteps::allOff($this->fedPanels($situation)),
            new OwnerStep('Move the handle of the transfer switch from UTILITY to OFF.', 'The house is cut off from the utility first.'),
            ...$source->start(),
            ...$source->reachesTheHouse() ? [new OwnerStep('Move the handle of the transfer switch from OFF to GENERATOR.')] : [],
            PanelSteps::oneByOne(),
        ];
    }

    public function back(Situation $situation, ?Assembly $assembly): array
    {
        return [
            new OwnerStep('Turn off every circuit breaker, from the bottom of the list up.'),
            new OwnerStep(
                'Move the handle from GENERATOR over OFF to UTILITY. Then turn the breakers on, one at a time, a few seconds apart.',
            ),
            ...SourceSteps::of($situation, $assembly)->stop(),
        ];
    }

    protected function panelOf(Situation $situation): ?Panel
    {
        return $situation->job->panel();
    }
}
