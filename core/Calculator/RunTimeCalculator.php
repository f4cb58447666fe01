<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Fuel\RunTime;

final class RunTimeCalculator implements Calculator
{
    public function name(): string
    {
        return 'runtime';
    }

    public function summary(): string
    {
        return 'How long stored fuel lasts at a load.';
    }

    public function source(): string
    {
        return 'Good practice: burn is linear between no load and full load, both from the data sheet of the machine.';
    }

    public function form(): Form
    {
        return new Form(
            Field::number('stored', 'gallons, or cubic feet'),
            Field::number('usable_pct', 'of what is stored, per cent')->atMost(100)->default(100),
            Field::number('idle_per_h', 'burn at no load, an hour, in the same unit'),
            Field::number('full_per_h', 'burn at full load, an hour; not under that at no load'),
            Field::number('rated_w', 'what full load is, watts')->over(0),
            Field::number('load_w', 'what runs, watts; not over the rating'),
        );
    }

    public function compute(Values $in): array
    {
        $time = RunTime::of(
            $in->number('stored'), $in->number('idle_per_h'), $in->number('full_per_h'), $in->number('rated_w'), $in->number('load_w'),
            $in->number('usable_pct'),
        );

        return ['burn_per_h' => $time->burnPerH, 'hours' => $time->hours];
    }
}
