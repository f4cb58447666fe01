<?php

declare(strict_types=1);

namespace Underpin\Prove\Section;

use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Checklist\ChecklistStep;
use Underpin\Checklist\Condition;
use Underpin\Checklist\Quantity;
use Underpin\Checklist\StepKind;
use Underpin\Codebook\Acceptance;
use Underpin\Codebook\Source;
use Underpin\Form\Unit;
use Underpin\Job\ShedLoad;
use Underpin\Prove\Section;
use Underpin\Prove\Trial;

/** From the utility to the machine: by hand with nothing on, and by a real outage where it transfers by itself. */
final class Transfer extends Section
{
    protected function title(): string
    {
        return 'Transfer';
    }

    public function steps(Trial $trial): array
    {
        if (! $trial->way->isWired()) {
            return [];
        }

        return [
            $this->holding(
                'transfer.empty', StepKind::Run, $trial->way->transfersByItself()
                    ? 'Every breaker behind the switch off; both its sources dead; moved by its hand lever to the generator and back.'
                    : 'Every circuit of the generator off; changed over to the generator by the card, and nothing on yet.',
                'By hand only without load: contacts that are moved by hand do not break a current.', Source::nec('702.5(A)'),
            ),
            ...$trial->way->transfersByItself() ? $this->byItself($trial) : [],
            $this->volts($trial, 'transfer.leg-a', 'Leg A', Quantity::LegA),
            ...$trial->both() ? [$this->volts($trial, 'transfer.leg-b', 'Leg B', Quantity::LegB)] : [],
        ];
    }

    /** @return list<ChecklistStep> */
    private function byItself(Trial $trial): array
    {
        $switches = $trial->built?->components(ComponentKind::Switch) ?? [];
        $many = count($switches) > 1;

        return [
            $this->step(
                'automatic', StepKind::Run, 'Controller in automatic, fuel open, its breaker closed; delays and volts of the switch as '
                    .'they were chosen.',
                'It waits for the next outage from now on.', Source::practice('automatic switches'),
            ),
            ...array_map(fn (Component $switch): ChecklistStep => $this->holding(
                "transfer:$switch->id", StepKind::Test, 'The utility is opened ahead of the sensing of the '.lcfirst($switch->name)
                    .', not at the panel main behind it: seconds until it has transferred.',
                'The main behind the switch does not show it an outage.', Source::practice('automatic switches'), $this->reading(
                    $trial, Acceptance::Transfer, Unit::Seconds, Quantity::TransferS, Condition::NoLoad,
                    'It comes too late, or before the engine is warm.',
                    ['start delay and warm-up as set', 'how often it cranked before it ran',
                        'volts and hertz while it waits: under 90 % it does not '
                        .'transfer', $many ? 'which switch was last: they may be set to follow each other' : 'its two start wires'],
                ),
            ), $switches),
            ...array_map(fn (ShedLoad $shed): ChecklistStep => $this->step(
                "shed:$shed->circuit", StepKind::Test, "Load shedding: {$this->name($trial, $shed->circuit)} goes off when it is asked "
                    .'to, and stays off '
                    .'while its control wire is open.',
                'What is shed must be off when its control fails.', Source::nec('220.70, 750.30'),
            ), $trial->design->job->connection->shed),
        ];
    }

    private function name(Trial $trial, string $circuit): string
    {
        return $trial->design->job->panelWith($circuit)?->circuit($circuit)?->title() ?? $circuit;
    }

    private function volts(Trial $trial, string $key, string $leg, Quantity $quantity): ChecklistStep
    {
        return $this->holding(
            $key, StepKind::Test, "$leg to neutral in the panel or switch that is fed, on the generator, nothing on yet.",
            'What the machine makes must arrive, on the terminals where it belongs.', Source::practice('commissioning'), $this->reading(
                $trial, Acceptance::ToNeutral, Unit::Volts, $quantity, Condition::NoLoad,
                'Between the machine and here a conductor is open or on the wrong terminal.',
                ['both ends of the cord turned home', 'the generator breaker and both of its poles',
                    'X and Y on the hots, W on neutral, at inlet and '
                    .'breaker', 'the neutral of the run on its bar'],
            ),
        );
    }
}
