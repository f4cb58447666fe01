<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\Deed;
use Underpin\Assembly\Line;
use Underpin\Assembly\Part;
use Underpin\Assembly\PartKind;
use Underpin\Assembly\Task;
use Underpin\Codebook\Source;
use Underpin\Connection\Source\SourceSteps;
use Underpin\Job\Panel;
use Underpin\Sizing\Supply;

/**
 * A plate that lets a panel's main or the generator breaker be on, never both.
 * NEC 2023 702.5 (no interconnection), 110.3(B).
 */
trait PlateOnMain
{
    use FeedsPanels;

    /** The panel with the plate; null: there is none for it. */
    abstract protected function panelOf(Situation $situation): ?Panel;

    /** Why there is none. */
    abstract protected function noPanel(Situation $situation): Reason;

    /** The cord is attached at the house for good. */
    protected function cordStays(): bool
    {
        return false;
    }

    /** @return list<Reason> what only this one asks */
    protected function more(Panel $panel, Situation $situation): array
    {
        return [];
    }

    public function verdict(Situation $situation): WayVerdict
    {
        $panel = $this->panelOf($situation);
        $reasons = $panel === null
            ? [$this->noPanel($situation)]
            : [
                ...(new PlateReasons($panel, $situation, $this->fedPanels($situation), $this->joinsSharedNeutrals($situation)))->all(),
                ...$this->more($panel, $situation),
            ];
        $reach = Reach::of($situation, $this->fedPanels($situation));

        return new WayVerdict($this, $reasons, $reach->powers, $reach->dead);
    }

    public function fedPanels(Situation $situation): array
    {
        $panel = $this->panelOf($situation);
        $ids = $panel === null ? [] : $situation->distribution->behind($panel->id);

        return array_values(array_filter(
            $situation->job->service->panels, fn (Panel $other): bool => in_array($other->id, $ids, true),
        ));
    }

    public function inTheWay(Situation $situation): array
    {
        return $this->panelOf($situation)?->inTheWayOfInterlock() ?? [];
    }

    public function platedPanel(Situation $situation): ?Panel
    {
        return $this->panelOf($situation);
    }

    public function assemble(Situation $situation, Supply $supply): Assembly
    {
        $panel = $this->panelOf($situation);

        $feed = new GeneratorFeed($situation, $supply, cordStays: $this->cordStays());
        $rule = Source::nec('240.4, 408.36(D)');
        $held = '; held down, since it is back-fed';
        $onOneHot = 'two-pole, both poles fed from the one hot wire: the plate locks a two-pole, and a one-pole would leave half of the '
            .'panel '
            .'dead';
        if ($panel === null) {
            return $feed->assembly(FirstBreaker::inSwitch('Generator breaker', $rule, $held, $onOneHot), [
                new Component('switch', ComponentKind::Panel, 'The panel: not surveyed yet'),
            ]);
        }
        $house = new HousePanel($situation, $panel);

        return $feed->assembly(FirstBreaker::inPanel(
            'Generator breaker', $panel->id, $panel->interlockSpaces(), $rule, $held, $onOneHot,
        ), [...$house->parts(), $this->plate($panel), ...$house->bond(), ...$house->feed(), ...$this->moved($situation, $panel)]);
    }

    /** @return list<Deed> what makes room for the generator breaker */
    private function moved(Situation $situation, Panel $panel): array
    {
        $moves = $panel->inTheWayOfInterlock() === [] ? null : $situation->moves($panel);
        $tandems = $moves === null ? 0 : count($moves->plan->tandems());

        return [
            ...$moves === null || $moves->moves() === 0 ? [] : [new Deed('moved', Task::BreakerMoved, $moves->moves(), $panel->name)],
            ...$tandems === 0 ? [] : [new Deed(
                'tandems', Task::Tandem, $tandems, $panel->name, new Part(PartKind::Breaker, 'Tandem breaker, as the panel takes'),
            )],
        ];
    }

    private function plate(Panel $panel): Component
    {
        return new Component('interlock', ComponentKind::Interlock, 'Interlock plate', panel: $panel->id, lines: [new Line(
            'Interlock', "the one that is listed for $panel->name",
            'It lets the main or the generator breaker be on, never both; it is tried in both orders, with the cover on.',
            Source::nec('702.5(A), 110.3(B)'),
        )], inside: HousePanel::id($panel->id), task: Task::Interlock);
    }

    public function means(): MeansOfTransfer
    {
        return MeansOfTransfer::Interlock;
    }

    public function transfers(Situation $situation): array
    {
        $panel = $this->panelOf($situation);

        return $panel === null ? [] : [new TransferPoint(TransferKind::Plate, 'Interlock', $panel->mainAmps, $panel)];
    }

    public function meter(Situation $situation): MeterWork
    {
        return MeterWork::Stays;
    }

    public function failsBy(): string
    {
        return 'a tired person\'s order; everything at once on a cold engine';
    }

    public function atNight(): string
    {
        return 'Turn the breakers off, slide the plate, and bring the circuits on one by one from the card. Any circuit can '
            .'be chosen; it needs discipline.';
    }

    public function caution(): string
    {
        return 'Never two sources at once. Never force the interlock, never take it off.';
    }

    public function toGenerator(Situation $situation, ?Assembly $assembly): array
    {
        $engine = SourceSteps::of($situation, $assembly, $this->cordStays() ? '' : 'the inlet');
        $panel = $this->panelOf($situation);
        $name = $panel->name ?? 'the panel';
        $main = $panel?->mainAmps === null ? 'the main breaker' : "the $panel->mainAmps A main breaker";
        $spaces = $panel === null ? 'the generator breaker' : 'the generator breaker (spaces '.implode('–', $panel->interlockSpaces()).')';

        return [
            new OwnerStep(
                "At $name: turn off $main and every other breaker. Which you turn off first does not matter.",
                'The house must be cut off from the utility before anything else.',
            ),
            ...$this->branchesOff($situation, $panel),
            new OwnerStep(
                'Slide the interlock plate so that it covers the main breaker and frees the generator breaker.',
                'Now the two cannot be on together.',
            ),
            ...$engine->start(),
            ...($engine->reachesTheHouse() ? [new OwnerStep("Turn on $spaces. Only this one.")] : []),
            new OwnerStep('Now go down the list: one breaker at a time, and wait as long as it says.', 'All at once stalls the engine.'),
        ];
    }

    /**
     * A sub-panel would come on all at once with its feeder.
     *
     * @return list<OwnerStep> one for every panel behind the one that is fed
     */
    private function branchesOff(Situation $situation, ?Panel $panel): array
    {
        $behind = array_values(array_filter($this->fedPanels($situation), fn (Panel $other): bool => $other !== $panel));

        return array_map(fn (Panel $other): OwnerStep => new OwnerStep(
            "At $other->name: turn off every breaker too.", 'Its feeder would bring all of it on at once.',
        ), $behind);
    }

    public function back(Situation $situation, ?Assembly $assembly): array
    {
        $engine = SourceSteps::of($situation, $assembly, $this->cordStays() ? '' : 'the inlet');

        return [
            new OwnerStep('Turn off every circuit breaker, from the bottom of the list up.'),
            new OwnerStep($engine->offAtPanel()),
            new OwnerStep('Slide the interlock plate back so that it frees the main breaker.'),
            new OwnerStep('Turn on the main breaker. Then the other breakers, one at a time, a few seconds apart.'),
            ...$engine->stop(),
        ];
    }
}
