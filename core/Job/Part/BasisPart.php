<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\FaultList;
use Underpin\Form\Field;
use Underpin\Form\Values;
use Underpin\Job\Basis;
use Underpin\Job\DemandInputs;
use Underpin\Job\Job;
use Underpin\Job\LoadBasis;
use Underpin\Job\RecordedPeak;

/** What sizing rests on, and the calculation and the recorded peak that it may rest on. */
final class BasisPart implements JobPart
{
    public static function use(): Field
    {
        return Field::enum('figures', 'which of the three ways of knowing the loads sizing uses', LoadBasis::class)
            ->label('Size by')->default(LoadBasis::List->value);
    }

    public static function reason(): Field
    {
        return Field::text('figures_reason', 'why that one')->label('Reason')->atMost(500);
    }

    public function fields(): array
    {
        return [
            Field::group(
                'demand', 'inputs of the code\'s load calculation, as the calculator "demand" takes them', DemandInputsPart::form(),
            )
                ->label('Load calculation')->optional('not begun'),
            self::use(),
            self::reason(),
            Field::group(
                'recorded', 'peak of the utility\'s interval data', RecordedPeakPart::form(),
            )->label('Recorded peak')->optional('not brought in'),
        ];
    }

    public function read(Values $in, FaultList $faults): Basis
    {
        $demand = $in->group('demand');

        return new Basis(
            LoadBasis::from($in->text('figures')),
            $in->text('figures_reason'),
            $demand === null ? null : $faults->attempt('demand', fn (): DemandInputs => DemandInputsPart::read($demand)),
            $faults->attempt('recorded', fn (): ?RecordedPeak => RecordedPeakPart::read($in->group('recorded'))),
        );
    }

    public function write(Job $job): array
    {
        $basis = $job->basis;

        return [
            'demand' => $basis->demand === null ? null : DemandInputsPart::write($basis->demand),
            'figures' => $basis->use->value,
            'figures_reason' => $basis->reason,
            'recorded' => $basis->recorded === null ? null : RecordedPeakPart::write($basis->recorded),
        ];
    }
}
