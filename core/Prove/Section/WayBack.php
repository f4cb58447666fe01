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

/** Back to the utility, and the engine to rest. */
final class WayBack extends Section
{
    protected function title(): string
    {
        return 'The way back';
    }

    public function steps(Trial $trial): array
    {
        $form = $trial->supply->machine->form;

        return [
            ...$trial->way->transfersByItself() ? $this->byItself($trial) : [$this->step(
                'back.by-hand', StepKind::Run, $trial->way->isWired()
                    ? 'Every circuit off, back to the utility by the card, circuits on again one by one.'
                    : 'Appliances off, off the cords, and each on its own outlet again.',
                'The way back is where both sources are nearest to each other.', Source::nec('702.5(A)'),
            )],
            ...$form->isBattery() ? [$this->step(
                'back.charging', StepKind::Record, 'Charging again on the utility; what it showed after the trial is noted.',
                'From the difference follows how long it lasts.', Source::practice('battery stations'),
            )] : ($trial->way->transfersByItself() ? [] : [$this->step(
                'back.cool', StepKind::Run, 'The engine runs 3 to 5 minutes without load, then stops'.($form->isStandby() ? '.'
                    : '; the cord comes out at the machine first.'),
                'It cools evenly.', Source::practice('stopping'),
            )]),
            ...$this->stop($trial), ...$form->isStandby() ? [$this->step(
                'exercise', StepKind::Record, 'Day and hour of the weekly exercise set, with the owner, and written on the card.',
                'A machine that nobody hears every week has been dead for months.', Source::practice('exercise'),
            )] : [],
        ];
    }

    /** @return list<ChecklistStep> */
    private function byItself(Trial $trial): array
    {
        return [
            $this->step(
                'back.return', StepKind::Test, 'The utility is closed again: minutes until it has gone back.',
                'The first minutes of a repair often fail again.', Source::practice('automatic switches'), $this->reading(
                    $trial, Acceptance::ReturnToUtility, Unit::Minutes, Quantity::ReturnMin, Condition::Loaded,
                    'It goes back too soon, or stays.',
                    ['return delay as set', 'volts of the utility: over the setting at which it counts as back',
                        'its sensing wires and their fuses'],
                ),
            ),
            $this->step(
                'back.cool-down', StepKind::Test, 'Minutes that the engine runs on without load until it stops by itself.',
                'Windings lose their heat while oil and air still move.', Source::practice('automatic switches'), $this->reading(
                    $trial, Acceptance::CoolDown, Unit::Minutes, Quantity::CoolDownMin, Condition::NoLoad,
                    'It stops hot, or does not stop.',
                    ['cool-down as set', 'start wires: still asking', 'controller: in automatic'],
                ),
            ),
        ];
    }

    /** @return list<ChecklistStep> */
    private function stop(Trial $trial): array
    {
        return $trial->supply->machine->form->isStandby() ? [$this->step(
            'stop', StepKind::Test, 'Its stop, where an emergency would be met: it stops the engine, and it does not start again by '
                .'itself.',
            'Whoever comes to a fire must be able to stop it.', Source::nec('445.19, 445.18(A)'),
        )] : [];
    }
}
