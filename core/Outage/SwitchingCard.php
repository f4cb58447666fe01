<?php

declare(strict_types=1);

namespace Underpin\Outage;

use Underpin\Checks\Review;
use Underpin\Connection\LockOff;
use Underpin\Connection\OwnerStep;
use Underpin\Connection\Source\SourceSteps;
use Underpin\Connection\SwitchLayout;
use Underpin\Connection\Way;
use Underpin\Design\Design;
use Underpin\Job\Circuit;
use Underpin\Job\Feeders;
use Underpin\Job\Job;
use Underpin\Job\LoadKind;
use Underpin\Say;
use Underpin\Sizing\Fit;
use Underpin\Sizing\Turns\DayOfTurns;
use Underpin\Sizing\Verdict;

/** The card for this house: to the generator and back, with this panel's own numbers. */
final readonly class SwitchingCard
{
    /**
     * @param  list<string>  $cautions
     * @param  list<string>  $before  what is looked at before there is an outage
     * @param  list<OwnerStep>  $toGenerator  before the first circuit goes on
     * @param  string  $throws  what is thrown for each circuit: "Breaker"
     * @param  list<CardCircuit>  $start  in the order to switch on
     * @param  list<CardCircuit>  $room  one at a time, as long as there is room
     * @param  list<CardCircuit>  $leaveOff
     * @param  ?DayOfTurns  $turns  where the machine does not hold all of it at once; null: it does, or turns do not help
     * @param  list<OwnerStep>  $running  while it runs
     * @param  list<string>  $signs  that utility power is back
     * @param  list<OwnerStep>  $back
     * @param  list<CardGap>  $gaps  why this card must not be handed over yet
     */
    private function __construct(
        public array $cautions,
        public array $before,
        public array $toGenerator,
        public string $throws,
        public array $start,
        public array $room,
        public array $leaveOff,
        public ?DayOfTurns $turns,
        public array $running,
        public array $signs,
        public array $back,
        public array $gaps,
    ) {
    }

    public static function of(Review $review): self
    {
        $design = $review->design;
        $job = $design->job;
        $way = $design->way();
        $powered = $design->powered();
        $order = self::ids($design->startOrder());
        $room = self::room($design);
        $atPanel = $way === null || $way->switchesAtPanel();
        $layout = $way?->layout($design->situation());
        $engine = SourceSteps::of($design->situation(), $design->assembly());
        $lockOff = LockOff::of($job->service, $way?->fedPanels($design->situation()) ?? []);

        return new self(
            self::cautions($design),
            $way === null ? [] : $engine->before(),
            [...$lockOff?->before() ?? [], ...$way?->toGenerator($design->situation(), $design->assembly()) ?? []],
            $way?->throws() ?? 'Breaker',
            self::rows($job, $atPanel ? Feeders::inOrder($job, $order) : $order, $layout),
            self::rows($job, $room, $layout),
            $atPanel ? self::leaveOff($design, self::ids($powered), $room) : [],
            $way !== null && $atPanel && $design->fit()?->verdict === Verdict::Short ? $design->turns() : null,
            $way === null ? [] : [...self::bridged($job, self::ids($powered)), ...$engine->running($way->unload())],
            self::signs($way),
            [
                ...$way === null || $way->transfersByItself() ? [] : [self::steady()],
                ...$way?->back($design->situation(), $design->assembly()) ?? [],
                ...$lockOff?->after() ?? [],
            ],
            CardGaps::of($review),
        );
    }

    /**
     * What else can be brought on, only where the way reaches more than what must run, and the musts themselves hold.
     *
     * @return list<string> ids of circuits, in either half of the year
     */
    private static function room(Design $design): array
    {
        $supply = $design->supply();
        if ($supply === null || $design->way()?->reachesMore() === false || $design->fit()?->verdict === Verdict::Short) {
            return [];
        }
        $reached = self::ids($design->connection()->powers ?? $design->plan()->must);
        $wanted = self::ids($design->plan()->room);
        $room = [];
        foreach (Fit::each($design->onGenerator(), $supply, $design->job->generator->marginPct) as $fit) {
            array_push($room, ...array_intersect(self::ids($fit->together()->on), $reached, $wanted));
        }

        return array_values(array_unique($room));
    }

    /**
     * @param  list<Circuit>  $circuits
     * @return list<string>
     */
    private static function ids(array $circuits): array
    {
        return array_map(fn (Circuit $c): string => $c->id, $circuits);
    }

    /**
     * @param  list<string>  $powered  ids of circuits
     * @return list<OwnerStep> what keeps somebody alive goes over before everything stops
     */
    private static function bridged(Job $job, array $powered): array
    {
        $names = [];
        foreach ($job->circuits() as $circuit) {
            foreach (in_array($circuit->id, $powered, true) ? $circuit->loads : [] as $load) {
                $minutes = $load->bridgeMin ?? 0.0;
                array_push($names, ...$load->kind !== LoadKind::Medical ? [] : [
                    $load->name.($minutes > 0 ? ' ('.number_format($minutes).' min)' : ''),
                ]);
            }
        }

        return $names === [] ? [] : [new OwnerStep(
            'Before anything stops, for fuel or oil: '.Say::list($names).' on battery or cylinder first.',
        )];
    }

    private static function steady(): OwnerStep
    {
        return new OwnerStep('Wait until the power of the utility has stayed for 10 to 15 minutes.', 'It often goes away again.');
    }

    /** @return list<string> the best first */
    private static function signs(?Way $way): array
    {
        $leavesOn = $way?->leavesUtilityOn() === true;

        return array_values(array_filter([
            $leavesOn
                ? 'Lights and clocks on circuits that the generator does not feed come on again by themselves: leave one switched on.'
                : '',
            'The utility meter\'s display shows a reading again, or the utility says so.',
            'Street lights and neighbors who have no generator are lit again.',
            $leavesOn ? 'What runs on the generator cannot tell.' : 'The house lights cannot tell: they run on the generator.',
        ]));
    }

    /** @return list<string> */
    private static function cautions(Design $design): array
    {
        $kind = $design->supply()?->machine->form;

        return array_values(array_filter([
            SourceSteps::of($design->situation(), $design->assembly())->caution(),
            'Carbon monoxide alarms in the house must work. If one sounds, or someone has a headache: everybody out, '
            .'call the emergency number (911), stay out. Nobody goes to the engine.',
            $design->way()?->caution() ?? 'Never two sources at once. Never plug a generator into a wall outlet.',
            $kind?->isStandby() === true || $kind?->isBattery() === true
                ? '' : 'Refuel only when the engine is off and cold. No smoking, no flame.',
            'Wet hands, smell of burning, a breaker that trips twice: stop, switch off, call the electrician.',
        ]));
    }

    /**
     * @param  list<string>  $ids
     * @return list<CardCircuit>
     */
    private static function rows(Job $job, array $ids, ?SwitchLayout $layout = null): array
    {
        $rows = [];
        foreach ($job->service->panels as $panel) {
            foreach ($panel->circuits as $circuit) {
                $rows[" $circuit->id"] = new CardCircuit(
                    $circuit->id, $panel->name, $circuit->label(), $circuit->name, $circuit->settleS(), $layout?->placesOf($circuit) ?? [],
                );
            }
        }

        return array_map(fn (string $id): CardCircuit => $rows[" $id"], $ids);
    }

    /**
     * @param  list<string>  $powered
     * @param  list<string>  $room
     * @return list<CardCircuit>
     */
    private static function leaveOff(Design $design, array $powered, array $room): array
    {
        $plan = $design->plan();
        $rest = array_filter(
            [...$plan->must, ...$plan->room, ...$plan->off],
            fn (Circuit $c): bool => ! in_array($c->id, $powered, true) && ! in_array($c->id, $room, true) && ! $c->isSpare(),
        );

        return self::rows($design->job, self::ids(array_values($rest)));
    }
}
