<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Legs\Draw;
use Underpin\Legs\Leg;
use Underpin\Legs\LegCurrents;

final class LegsCalculator implements Calculator
{
    public function name(): string
    {
        return 'legs';
    }

    public function summary(): string
    {
        return 'What the two legs and the neutral carry.';
    }

    public function source(): string
    {
        return 'Arithmetic sum per leg (phase angles ignored: the safe side); NEC 2023 220.61 for the neutral as the unbalanced load.';
    }

    public function form(): Form
    {
        return new Form(
            Field::items('circuits', 'the circuits', new Form(
                Field::id(),
                Field::choice('leg', 'the leg it hangs on', ['A', 'B', 'AB']),
                Field::number('watts', 'watts while running'),
                Field::number('pf', 'power factor')->over(0)->atMost(1)->default(1),
                Field::number('volts', 'volts across the load')->over(0)->optional('120 on A or B, 240 on AB'),
                Field::flag('on', 'switched on')->default(true),
            )),
        );
    }

    public function compute(Values $in): array
    {
        $draws = [];
        foreach ($in->items('circuits') as $circuit) {
            if ($circuit->flag('on')) {
                $draws[] = new Draw(
                    $circuit->text('id'),
                    Leg::from($circuit->text('leg')),
                    $circuit->number('watts'),
                    $circuit->number('pf'),
                    $circuit->numberOrNull('volts'),
                );
            }
        }
        $legs = LegCurrents::of($draws);

        return [
            'a_amps' => $legs->aAmps,
            'b_amps' => $legs->bAmps,
            'neutral_amps' => $legs->neutralAmps,
            'total_w' => $legs->totalW,
            'total_va' => $legs->totalVa,
            'imbalance_pct' => $legs->imbalancePct(),
            'worst_leg' => $legs->worstLeg()->value,
        ];
    }
}
