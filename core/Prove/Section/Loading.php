<?php

declare(strict_types=1);

namespace Underpin\Prove\Section;

use Underpin\Checklist\ChecklistStep;
use Underpin\Checklist\Condition;
use Underpin\Checklist\Probe;
use Underpin\Checklist\Quantity;
use Underpin\Checklist\Range;
use Underpin\Checklist\Reading;
use Underpin\Checklist\StepKind;
use Underpin\Codebook\Acceptance;
use Underpin\Codebook\Source;
use Underpin\Connection\TransferKind;
use Underpin\Form\Unit;
use Underpin\Job\Circuit;
use Underpin\Job\Feeders;
use Underpin\Job\Protection;
use Underpin\Job\Work\MeasuredLegs;
use Underpin\Prove\Section;
use Underpin\Prove\Trial;
use Underpin\Say;

/**
 * Loads one by one, the largest start last where the machine holds it then, else in its turn; then all of them, on both legs, with
 * everything that is measured under load.
 */
final class Loading extends Section
{
    private const PCT = 100.0;

    protected function title(): string
    {
        return 'Under load';
    }

    public function steps(Trial $trial): array
    {
        $order = $trial->design->startOrder();
        $largest = $this->largest($order);
        $isLast = $trial->design->fit()?->restartIsOver() === false;
        if ($largest !== null && $isLast) {
            $order = [...array_values(array_filter($order, fn (Circuit $c): bool => $c !== $largest)), $largest];
        }

        return [
            ...$this->lamp($trial), ...array_merge([], ...array_map(fn (Circuit $c): array => in_array($c, $order, true) ? [
                $this->on($c), ...$c === $largest ? $this->start($trial, $c, $isLast) : [],
            ] : [$this->feeder($c)], $this->withFeeders($trial, $order))),
            ...$this->legs($trial, $order), ...$this->underLoad($trial),
            ...$this->gasPressure(
                $trial, 'gas-full', Condition::Loaded, 'engine at full load, every other appliance of the house firing',
            ),
            $this->terminals($trial), ...$this->protection($trial),
        ];
    }

    /** @return list<ChecklistStep> an open neutral is found with a lamp, before it is found with everything that the house has */
    private function lamp(Trial $trial): array
    {
        $leg = fn (string $key, string $name, Quantity $quantity): ChecklistStep => $this->holding(
            "lamp.$key", StepKind::Test, "$name to neutral, with nothing on but a lamp or a heater of 120 V on one leg.",
            'With an open neutral the legs look right until the first load: then the lamp goes dark and the other leg rises toward 240 V.',
            Source::practice('commissioning'), $this->reading(
                $trial, Acceptance::ToNeutral, Unit::Volts, $quantity, Condition::Lamp,
                'The neutral between the machine and here is open, or has a bad joint. Everything off: nothing of 120 V goes on.',
                ['the neutral at both ends of the cord, and of the run', 'W of inlet and outlet',
                    'the neutral bar, and the neutral of the switch'],
            ),
        );

        return $trial->both() ? [$leg('leg-a', 'Leg A', Quantity::LegA), $leg('leg-b', 'Leg B', Quantity::LegB)] : [];
    }

    /** @param  list<Circuit>  $circuits */
    private function largest(array $circuits): ?Circuit
    {
        $starts = array_filter($circuits, fn (Circuit $c): bool => $c->startAmps() > $c->runAmps());
        usort($starts, fn (Circuit $x, Circuit $y): int => $y->startAmps() <=> $x->startAmps());

        return $starts[0] ?? null;
    }

    /**
     * @param  list<Circuit>  $order
     * @return list<Circuit> the same, and before the first circuit of a sub-panel the breaker of its feeder, where breakers are thrown
     */
    private function withFeeders(Trial $trial, array $order): array
    {
        if (! $trial->way->switchesAtPanel()) {
            return $order;
        }
        $job = $trial->design->job;
        $byId = array_column([...$job->circuits(), ...$order], null, 'id');

        return array_map(
            fn (string $id): Circuit => $byId[$id], Feeders::inOrder($job, array_map(fn (Circuit $c): string => $c->id, $order)),
        );
    }

    private function feeder(Circuit $feeder): ChecklistStep
    {
        return $this->step(
            "feeder:$feeder->id", StepKind::Run, "{$feeder->title()} on, every breaker of the panel behind it still off.",
            'It would bring all of that panel on at once.', Source::practice('commissioning'),
        );
    }

    private function on(Circuit $circuit): ChecklistStep
    {
        $wait = $circuit->settleS() > 0 ? ' Wait '.Say::seconds($circuit->settleS()).', then' : ' Then';

        return new ChecklistStep(
            "on:$circuit->id", $this->stage(), StepKind::Run, $this->title(), "{$circuit->title()} on, its loads running.$wait read the "
                .'clamp at its '
                .'breaker.',
            'One at a time: what is wrong shows on the circuit that brought it. The reading goes back to the loads, with its date.',
            Source::practice('commissioning'), Reading::within(
                Unit::Amperes, new Range(null, (float) $circuit->breakerAmps, 'its breaker'), 'It draws more than its breaker carries.',
                ['what hangs on it that was not in the plan', 'a motor that does not come up', 'the clamp around one conductor only'], null,
            ), measures: $circuit->id,
        );
    }

    /** @return list<ChecklistStep> */
    private function start(Trial $trial, Circuit $largest, bool $isLast): array
    {
        $volts = (float) ($trial->both() ? $trial->supply->machine->volts : 120);
        $dip = $trial->range(Acceptance::DipPct);
        $low = $dip->high === null ? null : $volts * (1 - $dip->high / self::PCT);
        $look = ['is the idle mode off', 'start it before what draws most, or give it a soft starter',
            'its start by its nameplate against the plan',
            'length and size of the cord'];
        $what = $trial->both() ? 'leg to leg' : 'hot to neutral';

        $beside = $isLast ? 'starts last, all others on' : 'starts in its turn, what the card turns on before it running';

        return [
            $this->holding(
                'dip', StepKind::Test, "{$largest->title()} $beside: the lowest volts, $what.",
                'Contactors drop out and electronics restart when the volts fall by a third.', Source::practice('starts and dips'),
                Reading::within(
                    Unit::Volts, new Range($low, null, $dip->from), 'The machine is too small for this start, or something weakens it.',
                    $look,
                    new Probe(Quantity::LowestVolts, Condition::MotorStart),
                ),
            ),
            $this->step(
                'recovery', StepKind::Test, 'Seconds until the volts are back after that start.',
                'A motor that does not come up draws its starting current until it burns.', Source::practice('starts and dips'),
                $this->reading(
                    $trial, Acceptance::Recovery, Unit::Seconds, Quantity::RecoveryS, Condition::MotorStart,
                    'The engine does not catch itself.',
                    ['fuel: pressure, filter, choke', 'governor', ...$look],
                ),
            ),
        ];
    }

    /**
     * @param  list<Circuit>  $order
     * @return list<ChecklistStep>
     */
    private function legs(Trial $trial, array $order): array
    {
        $planned = $trial->design->fit()->running ?? null;
        $high = $trial->supply->runLimitAmps();
        $leg = fn (string $key, string $name, float $plan, Quantity $quantity): ChecklistStep => $this->step(
            // The plan stands in the reason: the readings of this very list change it, and that is no reason to ask again.
            $key, StepKind::Test, "$name by clamp, everything that must run on: ".Say::count(count($order), 'circuit').'.',
            Say::amps($plan).' are planned, and what was read at the breakers is in it: more than that is a load nobody wrote down.',
            Source::practice('measuring the legs'),
            Reading::within(
                Unit::Amperes, new Range(null, $high, 'the machine'), 'The leg carries more than the machine gives for hours.',
                ['what else is on that was not in the plan', 'which circuits hang on this leg: move one',
                    'what must not run at the same time',
                    'the nameplate of the largest load'],
                new Probe($quantity, Condition::Loaded),
            ),
        );

        return $order === [] || $planned === null ? [] : ($trial->both() ? [
            $leg(MeasuredLegs::LEG_A, 'Leg A', $planned->aAmps, Quantity::AmpsA),
            $leg(MeasuredLegs::LEG_B, 'Leg B', $planned->bAmps, Quantity::AmpsB),
        ] : [$leg(MeasuredLegs::LEG_A, 'The hot', $planned->aAmps, Quantity::AmpsA)]);
    }

    /** @return list<ChecklistStep> */
    private function underLoad(Trial $trial): array
    {
        $look = [
            'one leg up and the other down while leg to leg holds: the neutral is open between machine and panel: everything off, at once',
            'both down: speed, fuel, length and size of cord and run', 'the terminals of that leg: warm ones are loose',
        ];
        $leg = fn (string $key, string $name, Quantity $quantity): ChecklistStep => $this->holding(
            "loaded.$key", StepKind::Test, "$name to neutral at the panel or switch, everything on.",
            'An open neutral shows only under load: the legs drift apart, and 120 V loads burn.', Source::practice('commissioning'),
            $this->reading(
                $trial, Acceptance::ToNeutralLoaded, Unit::Volts, $quantity, Condition::Loaded,
                'The loads do not get the volts that they are made for.', $look,
            ),
        );

        return [
            $leg('leg-a', $trial->both() ? 'Leg A' : 'Hot', Quantity::LegA), ...$trial->both() ? [$leg('leg-b', 'Leg B', Quantity::LegB)]
                : [],
            ...$trial->way->isWired() ? [$this->step(
                'neutral-ground', StepKind::Test, 'Neutral to ground at the panel or switch that is fed, everything on.',
                'A few volts are the neutral\'s own current; more is a bad neutral, none at all may be a second bond.',
                Source::nec('250.24'),
                $this->reading(
                    $trial, Acceptance::NeutralToGround, Unit::Volts, Quantity::NeutralToGround, Condition::Loaded,
                    'The neutral has more resistance than it should, or carries more than it should.',
                    ['neutral terminals of run, cord and panel', 'legs very uneven', 'harmonics of chargers and electronics'],
                ),
            )] : [],
        ];
    }

    private function terminals(Trial $trial): ChecklistStep
    {
        return $this->step(
            'terminals', StepKind::Test, 'After half an hour of load: like terminals by infrared, breaker, inlet and lugs of both legs: '
                .'the largest '
                .'difference.',
            'A loose terminal is warmer than its like long before it smells.', Source::practice('infrared'), $this->reading(
                $trial, Acceptance::LikeTerminals, Unit::Celsius, Quantity::TerminalDifference, Condition::Loaded,
                'One of them has more resistance than the other: up to 3 °C is watched, from 4 it is repaired, over 15 everything goes '
                    .'off now.',
                ['everything off, locked, proven dead; then its torque', 'strands left out, a burnt clamp',
                    'legs unevenly loaded: compare at like amperes'],
            ),
        );
    }

    /** @return list<ChecklistStep> */
    private function protection(Trial $trial): array
    {
        $moved = [];
        foreach ($trial->way->transfers($trial->design->situation()) as $point) {
            array_push($moved, ...$point->kind === TransferKind::Circuits ? $point->circuits : []);
        }
        $protected = array_values(array_filter($moved, fn (Circuit $c): bool => $c->protection !== Protection::None));

        return array_map(fn (Circuit $c): ChecklistStep => $this->step(
            "protection:$c->id.both", StepKind::Test, "{$c->title()}: the test button of its {$c->protection->words()} opens it on the "
                .'generator and on '
                .'the utility.',
            'Protection that is there in one position only is none in the other.', Source::nec('210.8, 210.12'),
        ), $protected);
    }
}
