<?php

declare(strict_types=1);

namespace Underpin\Prove\Section;

use Underpin\Checklist\ChecklistStep;
use Underpin\Checklist\Condition;
use Underpin\Checklist\Quantity;
use Underpin\Checklist\StepKind;
use Underpin\Codebook\Acceptance;
use Underpin\Codebook\Source;
use Underpin\Form\Unit;
use Underpin\Prove\Section;
use Underpin\Prove\Trial;

/** It runs with nothing on: volts and hertz, before a wire of the house sees them. */
final class NoLoad extends Section
{
    protected function title(): string
    {
        return 'Running with nothing on';
    }

    public function steps(Trial $trial): array
    {
        $form = $trial->supply->machine->form;

        return [
            ...$form->isBattery() ? [] : $this->start($trial), ...$trial->both() ? [
                $this->volts($trial, 'between-legs', 'Leg A to leg B', Acceptance::BetweenLegs, Quantity::BetweenLegs),
                $this->volts($trial, 'leg-a', 'Leg A to neutral', Acceptance::ToNeutral, Quantity::LegA),
                $this->volts($trial, 'leg-b', 'Leg B to neutral', Acceptance::ToNeutral, Quantity::LegB),
            ] : [$this->volts($trial, 'leg-a', 'Hot to neutral', Acceptance::ToNeutral, Quantity::LegA)],
            $this->hertz($trial),
        ];
    }

    /** @return list<ChecklistStep> */
    private function start(Trial $trial): array
    {
        $form = $trial->supply->machine->form;

        return [
            ...$form->isStandby() ? [$this->step(
                'battery-cranking', StepKind::Test, 'Starting battery while it cranks: the lowest volts.',
                'A battery that is weak shows it only now.', Source::practice('starting batteries'), $this->reading(
                    $trial, Acceptance::BatteryCranking, Unit::Volts, Quantity::BatteryVolts, Condition::Cranking,
                    'The battery, or the way from it to the starter, is weak: in the cold it will not start.',
                    ['charge of the battery, over night', 'clamps and the ground lead', 'the battery itself, under a load tester',
                        'oil of the wrong grade'],
                ),
            )] : [],
            $this->step(
                'warm', StepKind::Run, $form->isStandby()
                    ? 'Start it by hand at its controller, its breaker open; let it run 3 to 5 minutes.'
                    : 'Start it with the cord out and nothing on; idle mode off, choke in; let it run 3 to 5 minutes.',
                'A cold engine takes no load.', Source::practice('first start'),
            ),
            ...$this->gasPressure($trial, 'gas-running', Condition::NoLoad, 'engine running, nothing on'),
        ];
    }

    private function volts(Trial $trial, string $key, string $between, Acceptance $of, Quantity $quantity): ChecklistStep
    {
        return $this->holding(
            "no-load.$key", StepKind::Test, "$between, no load, {$trial->where()}.",
            'Wrong volts burn electronics at once: nothing goes on before they are right.', Source::practice('commissioning'),
            $this->reading(
                $trial, $of, Unit::Volts, $quantity, Condition::NoLoad,
                'The machine, or a conductor between it and here, is not as it should be. Nothing is connected to it.',
                [
                    'one leg 0 V: a breaker or a pin of the cord open, one half of the winding dead',
                    'one leg about 240 V or between the legs about 120 V: a hot and the neutral are swapped',
                    'legs uneven without load: the neutral is open', 'all too high or too low: speed, then the voltage regulator',
                ],
            ), caution: 'Live reading: covers where they belong, leads with shrouded tips, one hand.',
        );
    }

    private function hertz(Trial $trial): ChecklistStep
    {
        $form = $trial->supply->machine->form;
        $of = $form->isInverter() || $form->isStandby() ? Acceptance::HertzElectronic : Acceptance::HertzGoverned;

        return $this->holding(
            'no-load.hertz', StepKind::Test, 'Hertz, no load.', 'Motors and clocks run by it; a mechanical governor is a little fast '
                .'without load.',
            Source::practice('commissioning'), $this->reading(
                $trial, $of, Unit::Hertz, Quantity::Hertz, Condition::NoLoad, 'The engine does not hold its speed.',
                ['idle mode is off', 'choke fully in, fuel, air filter', 'linkage and spring of the governor',
                    'its setting, by its manual'],
            ),
        );
    }
}
