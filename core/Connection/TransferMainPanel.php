<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\Task;
use Underpin\Codebook\Source;
use Underpin\Codebook\TransferSwitches;
use Underpin\Connection\Source\SourceSteps;
use Underpin\Job\Panel;
use Underpin\Sizing\Supply;

/** A new panel in the place of the old one, whose main and generator breaker lock each other. NEC 2023 702.5(A), 408.36. */
final class TransferMainPanel implements Way
{
    use FeedsBehind;
    use FeedsPanels;

    public function key(): string
    {
        return 'transfer_main_panel';
    }

    public function words(): string
    {
        return 'transfer panel in place of the main panel';
    }

    public function verdict(Situation $situation): WayVerdict
    {
        $panel = $this->panelOf($situation);
        $reach = Reach::of($situation, $this->fedPanels($situation));

        return new WayVerdict(
            $this,
            $panel === null
                ? [Reason::open('No panel has been surveyed.', Source::practice('survey'), 'survey the panel')]
                : [...$this->size($panel), ...$this->splices($situation), ...$this->onOneHot($situation), ...$this->staysDead($situation)],
            $reach->powers, $reach->dead,
        );
    }

    public function means(): MeansOfTransfer
    {
        return MeansOfTransfer::WholeHouseManual;
    }

    public function transfers(Situation $situation): array
    {
        $panel = $this->panelOf($situation);

        return $panel === null ? [] : [new TransferPoint(TransferKind::Plate, 'Transfer panel', $panel->mainAmps, $panel)];
    }

    public function meter(Situation $situation): MeterWork
    {
        return (new AtService($situation, $this->panelOf($situation)))->meter();
    }

    public function failsBy(): string
    {
        return 'a day without power while it is changed; a cable that is too short';
    }

    public function assemble(Situation $situation, Supply $supply): Assembly
    {
        $panel = $this->panelOf($situation);

        return (new GeneratorFeed($situation, $supply))->assembly(
            FirstBreaker::inSwitch('Generator breaker of the transfer panel', Source::nec('240.4, 408.36'), ', locked against its main'),
            $panel === null ? [new Component('switch', ComponentKind::Switch, 'Transfer panel', task: Task::TransferMain)]
                : (new PanelReplaced($situation, $panel))->parts(),
        );
    }

    public function atNight(): string
    {
        return 'Turn the breakers off, main off, generator breaker on, and bring the circuits on one by one. Any circuit can be chosen.';
    }

    public function caution(): string
    {
        return 'Never two sources at once. Never force the lock between main and generator breaker, never take it off.';
    }

    public function toGenerator(Situation $situation, ?Assembly $assembly): array
    {
        $source = SourceSteps::of($situation, $assembly);
        // It has taken the place of the panel, and bears its name on the card.
        $name = $this->panelOf($situation)->name ?? 'the transfer panel';

        return [
            ...PanelSteps::allOff($this->fedPanels($situation)),
            new OwnerStep("At $name: turn off the main breaker.", 'The house is cut off from the utility first.'),
            ...$source->start(),
            ...$source->reachesTheHouse() ? [new OwnerStep("Turn on the generator breaker of $name. Only this one.")] : [],
            PanelSteps::oneByOne(),
        ];
    }

    public function back(Situation $situation, ?Assembly $assembly): array
    {
        $source = SourceSteps::of($situation, $assembly);

        return [
            new OwnerStep('Turn off every circuit breaker, from the bottom of the list up.'),
            new OwnerStep($source->offAtPanel()),
            new OwnerStep('Turn on the main breaker. Then the other breakers, one at a time, a few seconds apart.'),
            ...$source->stop(),
        ];
    }

    protected function panelOf(Situation $situation): ?Panel
    {
        return $situation->job->panel();
    }

    /** @return list<Reason> */
    private function size(Panel $panel): array
    {
        $source = Source::nec('408.36, 110.3(B)');
        $made = $panel->mainAmps === null ? null : TransferSwitches::wholeHouse($panel->mainAmps);

        return [
            match (true) {
                $panel->spaces > TransferSwitches::TRANSFER_PANEL_SPACES => Reason::stops(
                    "$panel->name has $panel->spaces spaces; transfer panels end at ".TransferSwitches::TRANSFER_PANEL_SPACES.'.', $source,
                    'too many spaces',
                ),
                $panel->mainAmps === null => Reason::open(
                    'Note the main of the panel: the new one has the same.', $source, 'how many amperes?',
                ),
                $made === null => Reason::stops(
                    "A main of $panel->mainAmps A is larger than transfer panels are made for.", $source, 'main too large',
                ),
                default => Reason::note("A transfer panel of $panel->mainAmps A with at least $panel->spaces spaces.", $source),
            },
            Reason::change(
                count($panel->circuits).' circuits are landed anew, each with its neutral and ground; AFCI and GFCI breakers are those '
                    .'of the new '
                    .'panel. Bond and electrode conductor stay where the service disconnect is.',
                Source::nec('250.24, 210.12, 210.8'), count($panel->circuits).' circuits landed anew',
            ),
        ];
    }

    /** @return list<Reason> */
    private function splices(Situation $situation): array
    {
        return $situation->job->authority->rules->splicesInPanel ? [] : [Reason::open(
            'Splices in the panel are not allowed here: look whether every cable reaches its new breaker.',
            Source::nec('312.8, local amendment'), 'do the cables reach?',
        )];
    }
}
