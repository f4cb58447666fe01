<?php

declare(strict_types=1);

namespace Underpin\Install\Section;

use Underpin\Checklist\ChecklistStep;
use Underpin\Checklist\StepKind;
use Underpin\Codebook\Source;
use Underpin\Connection\MeterWork;
use Underpin\Connection\NeutralBond;
use Underpin\Install\Section;
use Underpin\Install\WorkSite;
use Underpin\Job\Circuit;
use Underpin\Job\Fuel;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;

/** Who is told before anything is opened, and who needs power while the crew works. */
final class Notice extends Section
{
    protected function title(): string
    {
        return 'Before anything is opened';
    }

    public function steps(WorkSite $site): array
    {
        $rules = $site->job()->authority->rules;

        return [
            ...$this->neutral($site), ...$rules->permit ? [$this->step(
                'permit', StepKind::Notify, 'The permit is at hand, and hangs where the inspector sees it.',
                'Work without one may have to be opened again.', Source::practice('the local authority'),
            )] : [],
            $this->step(
                'tell-house', StepKind::Notify, 'Everybody in the house knows from when to when the power is off, and who may not touch a '
                    .'breaker meanwhile.',
                'Somebody who turns a breaker back on kills whoever works behind it.', Source::practice('lockout'),
            ),
            ...$this->whoNeedsPower($site),
            ...$this->meter($site->meter()),
            ...$this->gas($site),
        ];
    }

    /** @return list<ChecklistStep> what the design leaves open, or makes a danger of, is settled before anybody works by it */
    private function neutral(WorkSite $site): array
    {
        return NeutralBond::isSettled($site->supply, $site->way->switchesNeutral($site->design->situation())) ? [] : [$this->holding(
            'settle-neutral', StepKind::Notify, 'This design does not say yet how the machine\'s neutral and its ground meet, or has '
                .'them meet twice '
                .'or nowhere. It is settled in Size and Connect before anything is opened.',
            'With no bond a fault never opens a breaker; with two the neutral\'s current runs over metal that people touch.',
            Source::nec('250.24, 250.30'),
        )];
    }

    /** @return list<ChecklistStep> */
    private function whoNeedsPower(WorkSite $site): array
    {
        $steps = [];
        foreach ($site->job()->drawingCircuits() as $circuit) {
            foreach ($circuit->loads as $load) {
                if ($load->kind === LoadKind::Medical) {
                    $steps[] = $this->bridge($circuit, $load);
                }
            }
        }

        return [...$steps, $this->step(
            'ask-power', StepKind::Notify, 'Ask what else must not lose power during the work (a home office, a freezer, an aquarium, a '
                .'sump in the rain), note until when it can stand still, and what bridges it.',
            'The house is dark for hours, and the pump does not know that.', Source::practice('work on a dead panel'),
        )];
    }

    private function bridge(Circuit $circuit, Load $load): ChecklistStep
    {
        $lasts = match (true) {
            $load->bridgeMin === null => 'how long its own battery or cylinder lasts is not known: ask before anything is switched off',
            $load->bridgeMin <= 0.0 => 'nothing of its own bridges it: it needs a source of its own before anything is switched off',
            default => 'its own battery or cylinder lasts '.number_format($load->bridgeMin).' min',
        };

        return $this->holding(
            "bridge:$load->id", StepKind::Notify, "$load->name on {$circuit->title()} goes over to its own supply, and the person who "
                ."depends on it says so; $lasts.",
            'It keeps somebody alive. The work stops, and the power comes back, before its supply ends.',
            Source::practice('people who depend on equipment'),
        );
    }

    /** @return list<ChecklistStep> */
    private function meter(MeterWork $meter): array
    {
        $source = Source::practice('the utility\'s own rules');

        return match ($meter) {
            MeterWork::Stays => [],
            MeterWork::Pulled => [$this->step(
                'tell-utility', StepKind::Notify, 'The utility has confirmed the day and hour at which it disconnects the service, and at '
                    .'which it connects it again.',
                'Nobody else breaks the seal of the meter: the conductors there are fused only at the transformer.', $source,
            )],
            MeterWork::Adapter => [$this->step(
                'tell-utility', StepKind::Notify, 'The utility has approved the adapter, and has confirmed the day and hour at which it '
                    .'sets it.',
                'Nobody else opens the meter socket.', Source::nec('702.5(B)'),
            )],
            MeterWork::NotKnown => [$this->step(
                'tell-utility', StepKind::Notify, 'Find out whether the meter must be pulled, and agree on the hour with the utility.',
                'Where the service is switched off is not noted: without that nobody knows what stays live.', $source,
            )],
        };
    }

    /** @return list<ChecklistStep> */
    private function gas(WorkSite $site): array
    {
        $isGas = in_array($site->supply->fuel, [Fuel::NaturalGas, Fuel::Propane], true);

        return $isGas && $site->supply->machine->form->isStandby() ? [$this->step(
            'tell-plumber', StepKind::Notify, 'The gas plumber knows the day: pipe, shut-off and regulator are ready and tested, or follow '
                .'before the first start.',
            'Gas work is the plumber\'s; a machine that is wired and has no gas waits for weeks.', Source::practice('gas work'),
        )] : [];
    }
}
