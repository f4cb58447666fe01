<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Deed;
use Underpin\Assembly\Element;
use Underpin\Assembly\Line;
use Underpin\Assembly\Part;
use Underpin\Assembly\Task;
use Underpin\Codebook\EquipmentGrounds;
use Underpin\Codebook\Material;
use Underpin\Codebook\Source;
use Underpin\Codebook\TransferSwitches;
use Underpin\Connection\Source\SourceSteps;
use Underpin\Job\Circuit;
use Underpin\Job\Panel;
use Underpin\Loads\Plan;
use Underpin\Say;
use Underpin\Service\Multiwire;
use Underpin\Sizing\Supply;
use Underpin\Wiring\FeederSize;

/**
 * A sub-panel whose feeder breaker and generator breaker lock each other; the circuits that matter are moved into it.
 * NEC 2023 702.5(A), 408.36(D), 250.24 (neutrals and grounds apart), 300.3(B).
 */
final class TransferSubpanel implements Way
{
    use MovesCircuits;

    public function key(): string
    {
        return 'transfer_subpanel';
    }

    public function words(): string
    {
        return 'transfer panel as a sub-panel';
    }

    public function verdict(Situation $situation): WayVerdict
    {
        $moved = $this->moved($situation);
        $reach = Reach::within($situation, $moved);
        $places = array_sum(array_map(fn (Circuit $c): int => $c->position->poles, $moved));
        $source = Source::nec('408.36, 110.3(B)');

        return new WayVerdict($this, [
            match (true) {
                $situation->plan->must === [] => Reason::open(
                    'Mark the circuits that must run: they are what is moved into it.', Source::nec('702.4'), 'mark what must run',
                ),
                $places > TransferSwitches::SUBPANEL_PLACES => Reason::stops(
                    'The circuits that must run take '.Say::count($places, 'space').'; such a panel has '
                        .TransferSwitches::SUBPANEL_PLACES.'.',
                    $source, "$places spaces, it has ".TransferSwitches::SUBPANEL_PLACES,
                ),
                default => Reason::note(
                    Say::count(count($moved), 'circuit').' in '.Say::count($places, 'space').' of a panel for '
                        .TransferSwitches::SUBPANEL_PLACES.', any breaker up to its bus; what is left is room for what may run.', $source,
                ),
            },
            ...$this->feeder($situation), ...$this->splices($situation), ...$this->neutrals(), ...$this->large($moved),
            ...(new OtherBuilding($situation))->reasons($situation->plan->must),
            ...Capacity::byHand(),
            ...$this->halves($situation, $moved),
        ], $reach->powers, $reach->dead);
    }

    public function isWired(): bool
    {
        return true;
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
        return false;
    }

    public function joinsSharedNeutrals(Situation $situation): ?bool
    {
        return (new Multiwire($situation->job->service->panels))->among($this->moved($situation));
    }

    public function onGenerator(Situation $situation): Plan
    {
        return $situation->plan->each($this->layout($situation)->onItsLeg(...));
    }

    public function layout(Situation $situation): SwitchLayout
    {
        return SwitchLayout::inPanel($this->moved($situation), new Multiwire($situation->job->service->panels));
    }

    public function reachesMore(): bool
    {
        return false;
    }

    public function means(): MeansOfTransfer
    {
        return MeansOfTransfer::Subpanel;
    }

    public function transfers(Situation $situation): array
    {
        $moved = $this->moved($situation);

        return [new TransferPoint(
            TransferKind::Circuits, 'Transfer panel', TransferSwitches::SUBPANEL_A, $situation->job->panel(), $moved,
        )];
    }

    public function failsBy(): string
    {
        return 'a load that was left out for good';
    }

    public function assemble(Situation $situation, Supply $supply): Assembly
    {
        $panel = $situation->job->panel();
        $places = TransferSwitches::SUBPANEL_PLACES;
        $switch = new Component('switch', ComponentKind::Switch, 'Transfer panel', TransferSwitches::SUBPANEL_A, lines: [new Line(
            'Transfer panel', 'a bus of '.TransferSwitches::SUBPANEL_A.' A, neutrals and grounds apart',
            'Its lock lets the feeder breaker or the generator breaker be on, never both. It is a sub-panel: no bond in it.',
            Source::nec('702.5(A), 408.36, 250.24'),
        )], task: Task::TransferSubpanel, order: "Transfer panel as sub-panel, $places spaces");
        $moved = (new CircuitsMoved($situation, $this->moved($situation), $this->layout($situation), false, true))->parts();
        $ids = array_map(fn (Element $e): string => $e->id(), $moved);
        $house = $panel === null || in_array(HousePanel::id($panel->id), $ids, true) ? [] : (new HousePanel($situation, $panel))->parts();

        return (new GeneratorFeed($situation, $supply, TransferSwitches::SUBPANEL_A))->assembly(FirstBreaker::inSwitch(
            'Generator breaker of the transfer panel', Source::nec('240.4, 408.36(D)'), '; held down, since it is back-fed',
            'two-pole, both poles fed from the one hot wire: its lock takes a two-pole',
        ), [$switch, ...$house, ...$moved, ...$panel === null ? [] : $this->fedFrom($panel)]);
    }

    /** @return list<Element> the feeder from the house's panel, which is a part of it already where circuits come from there */
    private function fedFrom(Panel $panel): array
    {
        $amps = TransferSwitches::SUBPANEL_A;
        $size = FeederSize::copper($amps);
        $ground = EquipmentGrounds::size($amps, Material::Copper);

        return [Bundle::between(
            'feeder', ConductorKind::Feeder, Bundle::feeder(true), Ends::lugs(HousePanel::id($panel->id)), Ends::side('switch', 'feeder'),
            $amps,
            $size, $ground, all: [new Line(
                "Feeder from $panel->name", "behind a breaker of at most $amps A: four wires, "
                    .($size === null ? '' : "{$size->words()} copper, ")."ground {$ground->words()}",
                'A smaller breaker takes smaller wires; it carries all of the circuits that were moved. Neutral and ground lie apart.',
                Source::nec('215.2, 215.6, 250.122'),
            )],
        ), new Deed('feeder-breaker', Task::Breaker, 1, "feeder breaker in $panel->name", Part::breaker($amps, 2))];
    }

    public function atNight(): string
    {
        return 'At the transfer panel: feeder breaker off, generator breaker on. What is in it runs; what is not stays on the utility.';
    }

    public function throws(): string
    {
        return 'Breaker';
    }

    public function unload(): string
    {
        return 'turn off every circuit breaker of the transfer panel, then its generator breaker.';
    }

    public function caution(): string
    {
        return 'Never two sources at once. Never force the lock of the transfer panel, never take it off.';
    }

    public function toGenerator(Situation $situation, ?Assembly $assembly): array
    {
        $source = SourceSteps::of($situation, $assembly);

        return [
            new OwnerStep(
                'At the transfer panel: turn off every circuit breaker, then the feeder breaker.', 'So that nothing loads a cold engine.',
            ),
            ...$source->start(),
            ...$source->reachesTheHouse() ? [new OwnerStep('Turn on the generator breaker of the transfer panel. Only this one.')] : [],
            PanelSteps::oneByOne(),
        ];
    }

    public function back(Situation $situation, ?Assembly $assembly): array
    {
        return [
            new OwnerStep('At the transfer panel: turn off every circuit breaker, then its generator breaker.'),
            new OwnerStep('Turn on the feeder breaker, then the circuit breakers, one at a time.'),
            ...SourceSteps::of($situation, $assembly)->stop(),
        ];
    }

    /** @return list<Circuit> */
    private function moved(Situation $situation): array
    {
        return (new OtherBuilding($situation))->without(
            array_values(array_filter($situation->plan->must, fn (Circuit $c): bool => $situation->supply?->canFeed($c) ?? true)),
        );
    }

    /** @return list<Reason> two spaces for its feeder, which the circuits that are moved may leave */
    private function feeder(Situation $situation): array
    {
        $panel = $situation->job->panel();
        $source = Source::nec('408.36, 215.3');
        if ($panel === null) {
            return [Reason::open('No panel has been surveyed.', Source::practice('survey'), 'survey the panel')];
        }
        $left = array_merge($panel->freeSpaces(), ...array_map(
            fn (Circuit $c): array => $panel->circuit($c->id) === null ? [] : $c->position->spaces(), $this->moved($situation),
        ));
        $pairs = array_filter($left, fn (int $space): bool => in_array($space + 2, $left, true));

        return [$pairs === [] ? Reason::open(
            "Its feeder breaker takes two spaces of $panel->name, one above the other, and none are free or become free. Look where "
                .'tandems '
                .'are accepted.',
            $source, 'no two spaces for its feeder',
        ) : Reason::note(
            'Its feeder breaker goes in spaces '.min($pairs).' and '.(min($pairs) + 2)." of $panel->name, which are free or become free.",
            $source,
        )];
    }

    /** @return list<Reason> */
    private function splices(Situation $situation): array
    {
        return [$situation->job->authority->rules->splicesInPanel
            ? Reason::note('Moved circuits may be spliced in the panel, as far as its wiring space allows.', Source::nec('312.8'))
            : Reason::change(
                'Splices in the panel are not allowed here: a junction box beside it, or longer cable.',
                Source::nec('312.8, local amendment'), 'no splices: a junction box',
            )];
    }

    /** @return list<Reason> */
    private function neutrals(): array
    {
        return [Reason::note(
            'Each circuit takes its neutral and its ground along. In the transfer panel neutrals and grounds lie apart, and its feeder has '
                .'four wires. AFCI and GFCI breakers sit in it and protect in both positions.',
            Source::nec('300.3(B), 250.24, 210.12, 210.8'),
        )];
    }

    /**
     * @param  list<Circuit>  $moved
     * @return list<Reason>
     */
    private function large(array $moved): array
    {
        $large = array_filter($moved, fn (Circuit $c): bool => $c->breakerAmps > TransferSwitches::SUBPANEL_A);

        return $large === [] ? [] : [Reason::stops(
            'Its bus carries '.TransferSwitches::SUBPANEL_A.' A.', Source::nec('408.36'),
            'a circuit over '.TransferSwitches::SUBPANEL_A.' A',
        )];
    }

    /**
     * @param  list<Circuit>  $moved
     * @return list<Reason>
     */
    private function halves(Situation $situation, array $moved): array
    {
        $ids = array_map(fn (Circuit $c): string => $c->id, $moved);
        $reasons = [];
        foreach ((new Multiwire($situation->job->service->panels))->pairs() as [$one, $other]) {
            if (in_array($one->id, $ids, true) !== in_array($other->id, $ids, true)) {
                $reasons[] = Reason::stops(
                    "{$one->title()} and {$other->title()} share a neutral: both are moved, onto opposite legs under one handle, or "
                        .'neither is.',
                    Source::nec('210.4, 300.13(B)'), 'half of a multiwire circuit',
                );
            }
        }
        $on120 = $situation->supply?->feedsBothLegs() === false;

        return [...$reasons, ...$on120 && $this->joinsSharedNeutrals($situation) !== false ? [Reason::open(
            'With a 120 V machine the shared neutral of a multiwire circuit would carry the sum of both halves. Look which share one.',
            Source::nec('210.4'), 'look for shared neutrals',
        )] : []];
    }
}
