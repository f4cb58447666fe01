<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Refused;
use Underpin\Sizing\VoltageDip;

final class VoltageDipCalculator implements Calculator
{
    public function name(): string
    {
        return 'voltage-dip';
    }

    public function summary(): string
    {
        return 'What a start does to the voltage of a generator.';
    }

    public function source(): string
    {
        return 'Good practice: the transient reactance and the start share the voltage. A 120 V motor loads one half of the winding, '
            .'so this flatters it.';
    }

    public function form(): Form
    {
        return new Form(
            Field::number('generator_kva', 'rating of the generator, kVA')->over(0),
            Field::number('transient_reactance_pu', 'transient reactance, per unit of that rating')->over(0)->default(0.25),
            Field::number('start_kva', 'what the start draws, kVA'),
            Field::number('running_kva', 'what is on already, kVA; it does not change the dip')->default(0),
            Field::number('limit_pct', 'dip that is let pass, per cent, below 100')->default(30),
        );
    }

    public function compute(Values $in): array
    {
        $limit = $in->number('limit_pct');
        if ($limit >= 100) {
            throw new Refused('limit_pct', "limit_pct must be below 100; $limit was given.");
        }
        $dip = new VoltageDip($in->number('generator_kva'), $in->number('transient_reactance_pu'), $in->number('start_kva'));

        return ['dip_pct' => $dip->pct, 'ok' => $dip->isWithin($limit), 'largest_start_kva' => $dip->largestStartKva($limit)];
    }
}
