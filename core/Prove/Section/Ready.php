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
use Underpin\Say;

/** What is looked at before the machine makes its first volt. */
final class Ready extends Section
{
    protected function title(): string
    {
        return 'Before the first start';
    }

    public function steps(Trial $trial): array
    {
        $form = $trial->supply->machine->form;

        return [
            $this->step(
                'instruments', StepKind::Record, 'The instruments and the day on which each was last calibrated are noted.',
                'A reading is as good as what it was read with.', Source::practice('record of the work'),
            ),
            ...$form->isBattery() ? $this->battery($trial) : $this->engine($trial),
            ...$form->isStandby() ? $this->standby($trial) : [],
        ];
    }

    /** @return list<ChecklistStep> */
    private function engine(Trial $trial): array
    {
        $rules = $trial->design->job->authority->rules;

        return [
            $this->holding(
                'outdoors', StepKind::Record, $trial->supply->machine->form->isStandby()
                    ? 'The machine stands at its spot, exhaust away from every opening, the distances of the site plan measured again.'
                    : 'The machine stands outdoors, level and dry, at least '.Say::figure($rules->portableFt).' ft from the house and '
                        .'every '
                        .'opening, the neighbors\' too, its exhaust away from them.',
                'Exhaust kills without a smell.', $trial->supply->machine->form->isStandby()
                    ? new Source('NFPA 37', '4.1.4') : Source::practice('portable machines'),
            ),
            $this->step(
                'alarms', StepKind::Test, 'Every carbon monoxide alarm of the house was tested by its button.', 'They warn whoever sleeps.',
                Source::practice('carbon monoxide'),
            ),
            $this->step(
                'oil', StepKind::Record, 'Oil, coolant where it has any, fuel and its date: looked at and noted.',
                'New machines come without oil.', Source::practice('first start'),
            ),
        ];
    }

    /** @return list<ChecklistStep> */
    private function battery(Trial $trial): array
    {
        return [$this->step(
            'charge', StepKind::Record, "{$trial->supply->machine->name}: charged full, its outlets off; what it showed is noted.",
            'How long it lasts is judged from there.', Source::practice('battery stations'),
        )];
    }

    /** @return list<ChecklistStep> */
    private function standby(Trial $trial): array
    {
        return [
            $this->step(
                'battery-float', StepKind::Test, 'Starting battery, charger on: volts at its posts.',
                'A flat battery is why a standby stays still.',
                Source::practice('starting batteries'), $this->reading(
                    $trial, Acceptance::BatteryFloat, Unit::Volts, Quantity::BatteryVolts, Condition::Standing,
                    'The battery is not charged, or is being cooked.',
                    ['is the charger circuit on, on the utility', 'clamps clean and tight',
                        'age and type of the battery, setting of the charger',
                        'over 13.8 V: the charger'],
                ),
            ),
            ...$this->gasPressure($trial, 'gas-standing', Condition::Standing, 'engine standing, everything else off'),
        ];
    }
}
