<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Assembly;
use Underpin\Job\Circuit;
use Underpin\Job\Panel;
use Underpin\Loads\Plan;
use Underpin\Refused;
use Underpin\Sizing\Supply;

/**
 * One way to bring a generator to the loads. It answers everything that the program asks of a way;
 * a new one is one class more, and its place in Ways.
 */
interface Way
{
    /** Its word in a job file. */
    public function key(): string;

    /** As it is said within a sentence. */
    public function words(): string;

    /** Whether it can be done here and why, and what it reaches. */
    public function verdict(Situation $situation): WayVerdict;

    /** It is wired to the house, so that a bond of the machine and that of the service may meet. */
    public function isWired(): bool;

    /** It breaks the neutral together with the hots: the generator is then separately derived; null: not chosen. NEC 2023 250.30. */
    public function switchesNeutral(Situation $situation): ?bool;

    /** It transfers without anybody there. NEC 2023 702.4. */
    public function transfersByItself(): bool;

    /**
     * From a 120 V machine both hots of a multiwire circuit would come onto its one hot wire, so that the shared
     * neutral carries the sum; null: not known. NEC 2023 210.4.
     */
    public function joinsSharedNeutrals(Situation $situation): ?bool;

    /** @return list<Panel> whose bus the generator feeds, so that all that is connected to it comes on */
    public function fedPanels(Situation $situation): array;

    /** The circuits on the legs that they hang on when the generator feeds them. */
    public function onGenerator(Situation $situation): Plan;

    /** Where the circuits sit on a switch of its own; null: it has no places. */
    public function layout(Situation $situation): ?SwitchLayout;

    /** What else than the circuits that must run can be brought on. */
    public function reachesMore(): bool;

    /** Circuits that the generator does not feed stay on the utility's side: their lights show that its power is back. */
    public function leavesUtilityOn(): bool;

    /** Breakers of the panel are what is switched: feeders come before what hangs behind them, the rest stays off. */
    public function switchesAtPanel(): bool;

    /** @return list<Circuit> that sit where something of it must go, and move first */
    public function inTheWay(Situation $situation): array;

    /** The panel whose main breaker its plate locks against the generator breaker; null: it has no plate. */
    public function platedPanel(Situation $situation): ?Panel;

    /**
     * What it adds to the thing that will be built.
     *
     * @throws Refused when no conductor of the tables carries what the outlet gives
     */
    public function assemble(Situation $situation, Supply $supply): Assembly;

    /** What keeps the sources apart, in the words of an arrangement. */
    public function means(): MeansOfTransfer;

    /** @return list<TransferPoint> where the sources meet; none: nothing of the house does */
    public function transfers(Situation $situation): array;

    /** What becomes of the meter while it is built. */
    public function meter(Situation $situation): MeterWork;

    /** @return list<WayChoice> what it leaves to choose here */
    public function leavesToChoose(Situation $situation): array;

    /** It is offered after every other one that can be done: nobody would build it as long as there is another. */
    public function isLastResort(): bool;

    /** How it fails, in a few words: what a person, the weather or the years do to it. */
    public function failsBy(): string;

    /** What the owner has to do at night, in a sentence or two. */
    public function atNight(): string;

    /** What the owner throws, at the head of a list: "Breaker". */
    public function throws(): string;

    /** How everything is taken off the generator, as a sentence. */
    public function unload(): string;

    /** What kills with this way. */
    public function caution(): string;

    /**
     * Before the first circuit goes on.
     *
     * @return list<OwnerStep>
     */
    public function toGenerator(Situation $situation, ?Assembly $assembly): array;

    /**
     * Once the utility's power is back.
     *
     * @return list<OwnerStep>
     */
    public function back(Situation $situation, ?Assembly $assembly): array;
}
