<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Codebook\PropaneVapour;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Fuel\TankVapour;

final class TankVapourCalculator implements Calculator
{
    public function name(): string
    {
        return 'tank-vapour';
    }

    public function summary(): string
    {
        return 'How much propane a tank above ground boils off.';
    }

    public function source(): string
    {
        return 'Good practice: the usual table of suppliers, for tanks above ground. A buried tank follows its soil: ask the supplier.';
    }

    public function form(): Form
    {
        return new Form(
            Field::number('diameter_in', 'of the tank, inches'), Field::number('length_in', 'of the tank, inches'),
            Field::number('fill_pct', 'how full, per cent; above 60 counts as 60')->atLeast(PropaneVapour::LEAST_FILL_PCT)->atMost(100),
            Field::number('ambient_f', 'of the air, degrees Fahrenheit; above 20 counts as 20')->atLeast(PropaneVapour::COLDEST_F),
        );
    }

    public function compute(Values $in): array
    {
        return ['btuh' => TankVapour::btuh(
            $in->number('diameter_in'), $in->number('length_in'), $in->number('fill_pct'), $in->number('ambient_f'),
        )];
    }
}
