<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Legs\Leg;
use Underpin\Legs\LegBalancer;

final class AssignLegsCalculator implements Calculator
{
    public function name(): string
    {
        return 'assign-legs';
    }

    public function summary(): string
    {
        return 'Which leg each circuit of a transfer switch or sub-panel goes on, so that the legs carry the same.';
    }

    public function source(): string
    {
        return 'Every layout is weighed, proven best. Good practice: legs within 30 % of each other.';
    }

    public function form(): Form
    {
        return new Form(
            Field::items('circuits', 'what the switch or sub-panel feeds', new Form(
                Field::id(),
                Field::number('amps', 'amperes on each leg it hangs on'),
                Field::choice('leg', 'where it is fixed; AB loads both', ['A', 'B', 'AB'])->optional('either of the two'),
            ))->atMost(LegBalancer::MOST),
            Field::whole('max_per_leg', 'most 120 V circuits that a leg has places for')->optional('as many as there are'),
        );
    }

    public function compute(Values $in): array
    {
        $circuits = $ids = [];
        foreach ($in->items('circuits') as $circuit) {
            $ids[] = $circuit->text('id');
            $circuits[] = ['amps' => $circuit->number('amps'), 'leg' => Leg::tryFrom($circuit->textOrNull('leg') ?? '')];
        }
        $places = LegBalancer::balance($circuits, $in->wholeOrNull('max_per_leg'));
        $legs = array_map(fn (Leg $leg): string => $leg->value, $places->legs);

        return [
            'legs' => (object) array_combine($ids, $legs),
            'a_amps' => $places->aAmps, 'b_amps' => $places->bAmps, 'difference_amps' => $places->differenceAmps(),
        ];
    }
}
