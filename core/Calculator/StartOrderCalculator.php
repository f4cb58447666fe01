<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Legs\Leg;
use Underpin\Loads\Starter;
use Underpin\Loads\StartOrder;
use Underpin\Loads\StartStep;
use Underpin\Refused;

final class StartOrderCalculator implements Calculator
{
    public function name(): string
    {
        return 'start-order';
    }

    public function summary(): string
    {
        return 'In which order to bring loads on, so that the highest moment is lowest.';
    }

    public function source(): string
    {
        return 'Falling starting surplus, proven best by exchange (see Underpin\Loads\StartOrder).';
    }

    public function form(): Form
    {
        return new Form(
            Field::items('loads', 'the loads to start', new Form(
                Field::id(),
                Field::choice('leg', 'the leg it hangs on', ['A', 'B', 'AB']),
                Field::number('run_amps', 'amperes running, on each leg it hangs on'),
                Field::number('start_amps', 'amperes while starting, at least run_amps'),
            ))->atMost(StartOrder::MOST),
            Field::number('already_a_amps', 'amperes on leg A before the first start')->default(0),
            Field::number('already_b_amps', 'amperes on leg B before the first start')->default(0),
        );
    }

    public function compute(Values $in): array
    {
        $loads = [];
        foreach ($in->items('loads') as $i => $load) {
            try {
                $loads[] = new Starter(
                    $load->text('id'),
                    Leg::from($load->text('leg')),
                    $load->number('run_amps'),
                    $load->number('start_amps'),
                );
            } catch (Refused $refused) {
                throw $refused->within("loads.$i");
            }
        }
        $sequence = StartOrder::best($loads, $in->number('already_a_amps'), $in->number('already_b_amps'));

        return [
            'order' => $sequence->order(),
            'steps' => array_map(
                fn (StartStep $s): array => ['id' => $s->id, 'a_amps' => $s->aAmps, 'b_amps' => $s->bAmps], $sequence->steps,
            ),
            'peak_amps' => $sequence->peakAmps(),
            'peak_leg' => $sequence->peakLeg()->value,
        ];
    }
}
