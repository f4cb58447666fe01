<?php

declare(strict_types=1);

namespace Underpin\Outage;

use Underpin\Checks\Review;
use Underpin\Connection\ConnectionKind;
use Underpin\JobFile\JobFile;
use Underpin\Loads\Plan;
use Underpin\Service\Circuit;
use Underpin\Sizing\Fit;
use Underpin\Sizing\MachineForm;
use Underpin\Sizing\Verdict;

/** The card for this house: to the generator and back, with this panel's own numbers. */
final readonly class SwitchingCard
{
    /**
     * @param  list<string>  $cautions
     * @param  list<CardStep>  $toGenerator  before the first circuit goes on
     * @param  list<CardCircuit>  $start  in the order to switch on
     * @param  list<CardCircuit>  $room  one at a time, as long as there is room
     * @param  list<CardCircuit>  $leaveOff
     * @param  list<string>  $signs  that utility power is back
     * @param  list<CardStep>  $back
     * @param  list<string>  $gaps  why this card must not be handed over yet
     */
    private function __construct(
        public array $cautions,
        public array $toGenerator,
        public array $start,
        public array $room,
        public array $leaveOff,
        public array $signs,
        public array $back,
        public array $gaps,
    ) {
    }

    public static function of(Review $review): self
    {
        $facts = $review->facts;
        $job = $facts->job;
        $plan = $facts->plan;
        $fit = $facts->fit;
        $kind = $job->connection;
        $reached = $facts->connection->powers ?? $plan->must;
        $powered = array_values(array_filter($reached, fn (Circuit $c): bool => in_array($c, $plan->must, true)));
        $order = $fit === null ? $plan->starting->order() : Fit::startingOn($fit->supply, $powered)->order();
        // Only an interlock or a cord reaches circuits beyond those that must run, and only
        // where the musts themselves hold.
        $room = $kind === ConnectionKind::ManualSwitch || $fit === null || $fit->verdict === Verdict::Short
            ? []
            : array_values(array_filter($fit->together()->on, fn (Circuit $c): bool => in_array($c, $plan->room, true) && in_array($c, $reached, true)));

        return new self(
            self::cautions($job),
            self::toGenerator($job),
            self::rows($job, $kind === ConnectionKind::Interlock || $kind === null ? self::withFeeders($job, $order) : $order),
            self::rows($job, array_map(fn (Circuit $c): string => $c->id, $room)),
            self::leaveOff($job, $plan, $powered, $room),
            [
                'Street lights and neighbors who have no generator are lit again.',
                'The utility meter\'s display shows a reading again, or the utility says so. The app and the house lights cannot tell: they run on the generator.',
            ],
            self::back($job),
            CardGaps::of($review),
        );
    }

    /** @return list<string> */
    private static function cautions(JobFile $job): array
    {
        $portable = $job->supply?->machine->form !== MachineForm::Standby;

        return array_values(array_filter([
            $portable
                ? sprintf('Exhaust kills. The engine runs outdoors, at least %s ft from every door and window, exhaust pointing away. Never in a garage, even with the door open.', number_format($job->rules->portableFt))
                : 'Exhaust kills. Keep windows above and beside the engine shut while it runs.',
            'Carbon monoxide alarms in the house must work. If one sounds, or someone has a headache: everybody out, stay out, call the emergency number (911). Nobody goes to the engine.',
            $job->connection === ConnectionKind::Cords
                ? 'Never plug the generator into a wall outlet. It kills people at the other end of the line.'
                : 'Never two sources at once. Never force the '.($job->connection === ConnectionKind::ManualSwitch ? 'switch' : 'interlock').', never take it off.',
            $portable ? 'Refuel only when the engine is off and cold. No smoking, no flame.' : '',
            'Wet hands, smell of burning, a breaker that trips twice: stop, switch off, call the electrician.',
        ]));
    }

    /** @return list<CardStep> */
    private static function toGenerator(JobFile $job): array
    {
        return match ($job->connection) {
            ConnectionKind::ManualSwitch => [
                new CardStep('At the transfer switch, leave every switch on LINE.', 'So that nothing loads a cold engine.'),
                ...self::engineAndCord($job, 'the inlet'),
                new CardStep('Check that the meter or lamp on the transfer switch shows generator power. Then go down the list.'),
            ],
            ConnectionKind::Cords => [
                new CardStep('Switch off the appliances that you are going to plug in.'),
                new CardStep('Set the machine in its place. Start the engine. Let it run 3 minutes with nothing plugged in.', 'No load before the engine is warm.'),
                new CardStep('Run one cord to each appliance on the list, plug in at the machine last, and switch on one at a time.'),
            ],
            default => self::interlockSteps($job),
        };
    }

    /** @return list<CardStep> */
    private static function interlockSteps(JobFile $job): array
    {
        $panel = $job->panel();
        $name = $panel->name ?? 'the panel';
        $main = $panel?->mainA === null ? 'the main breaker' : "the $panel->mainA A main breaker";
        $spaces = $panel === null ? 'the generator breaker' : 'the generator breaker (spaces '.implode('–', $panel->interlockSpaces()).')';

        return [
            new CardStep("At $name: turn off $main and every other breaker. Which you turn off first does not matter.", 'The house must be cut off from the utility before anything else.'),
            new CardStep('Slide the interlock plate so that it covers the main breaker and frees the generator breaker.', 'Now the two cannot be on together.'),
            ...self::engineAndCord($job, 'the inlet'),
            new CardStep("Turn on $spaces. Only this one."),
            new CardStep('Now go down the list: one breaker at a time, and wait as long as it says.', 'All at once stalls the engine.'),
        ];
    }

    /** @return list<CardStep> */
    private static function engineAndCord(JobFile $job, string $inlet): array
    {
        if ($job->supply?->machine->form === MachineForm::Standby) {
            return [new CardStep('Start the engine at its panel. Let it run 3 minutes with no load.', 'No load before the engine is warm.')];
        }
        $start = new CardStep('Set the machine in its place and start the engine. Let it run 3 minutes with no load.', 'No load before the engine is warm.');
        $cord = fn (string $state): CardStep => new CardStep("Connect the cord: first at $inlet, then at the machine$state. Turn a locking plug until it catches.");

        return $job->school === StartSchool::WarmFirst
            ? [$start, $cord(', engine still running')]
            : [$cord(''), $start];
    }

    /** @return list<CardStep> */
    private static function back(JobFile $job): array
    {
        $standby = $job->supply?->machine->form === MachineForm::Standby;
        $cool = $standby
            ? new CardStep('Let the engine run 3 to 5 minutes without load, then stop it at its controller, as its label says.', 'It cools evenly.')
            : new CardStep('Let the engine run 3 to 5 minutes without load, then stop it. Close the fuel valve.', 'It cools evenly.');
        $store = $standby
            ? new CardStep(
                'Leave its fuel open and its own breaker closed. Its controller stays as its label says: in automatic where it has an automatic switch. '
                .'Write the run hours in the log.',
                'So that it can start the next time.',
            )
            : new CardStep('Unplug the cord and put it back in its place. Refuel when cold. Write the run hours in the log.');

        return match ($job->connection) {
            ConnectionKind::ManualSwitch => [
                new CardStep('Throw each switch from GEN through OFF to LINE, one at a time, from the bottom of the list up.'),
                $cool,
                $store,
            ],
            ConnectionKind::Cords => [
                new CardStep('Switch the appliances off and unplug them from the cords, one at a time.'),
                new CardStep('Plug each appliance into its own wall outlet again.'),
                $cool,
                $store,
            ],
            default => [
                new CardStep('Turn off every circuit breaker, from the bottom of the list up.'),
                new CardStep($standby ? 'Turn off the generator breaker in the panel; the machine\'s own breaker stays closed.' : 'Turn off the generator breaker.'),
                new CardStep('Slide the interlock plate back so that it frees the main breaker.'),
                new CardStep('Turn on the main breaker. Then the other breakers, one at a time, a few seconds apart.'),
                $cool,
                $store,
            ],
        };
    }

    /**
     * The breaker that feeds a sub-panel goes on before the first circuit there: its load is what
     * is on behind it, so it starts nothing by itself.
     *
     * @param  list<string>  $ids
     * @return list<string>
     */
    private static function withFeeders(JobFile $job, array $ids): array
    {
        $ordered = [];
        foreach ($ids as $id) {
            $before = [];
            for ($panel = $job->panelWith($id); $panel !== null; $panel = $feeder === null ? null : $job->panelWith($feeder->id)) {
                $feeder = $job->feederOf($panel);
                $before = $feeder === null ? $before : [$feeder->id, ...$before];
            }
            array_push($ordered, ...$before, ...[$id]);
        }

        return array_values(array_unique($ordered));
    }

    /**
     * @param  list<string>  $ids
     * @return list<CardCircuit>
     */
    private static function rows(JobFile $job, array $ids): array
    {
        $rows = [];
        foreach ($job->panels as $panel) {
            foreach ($panel->circuits as $circuit) {
                $rows[" $circuit->id"] = new CardCircuit($circuit->id, $panel->name, $circuit->label(), $circuit->name, $circuit->settleS());
            }
        }

        return array_map(fn (string $id): CardCircuit => $rows[" $id"], $ids);
    }

    /**
     * @param  list<Circuit>  $powered
     * @param  list<Circuit>  $room
     * @return list<CardCircuit>
     */
    private static function leaveOff(JobFile $job, Plan $plan, array $powered, array $room): array
    {
        // With cords or a transfer switch nothing else can be fed at all.
        if ($job->connection === ConnectionKind::Cords || $job->connection === ConnectionKind::ManualSwitch) {
            return [];
        }
        $rest = array_filter([...$plan->must, ...$plan->room, ...$plan->off], fn (Circuit $c): bool => ! in_array($c, $powered, true) && ! in_array($c, $room, true));

        return self::rows($job, array_values(array_map(fn (Circuit $c): string => $c->id, $rest)));
    }
}
