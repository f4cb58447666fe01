<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Legs\Leg;
use Underpin\Sizing\BestSet;
use Underpin\Sizing\Candidate;

final class BestSetCalculator implements Calculator
{
    public function name(): string
    {
        return 'best-set';
    }

    public function summary(): string
    {
        return 'Which loads can run together: the most worth within both leg limits.';
    }

    public function source(): string
    {
        return 'Exhaustive search with bounds, proven best; NEC 2023 702.4: loads are selected by the user.';
    }

    public function form(): Form
    {
        return new Form(
            Field::number('limit_a_amps', 'amperes that leg A may carry'),
            Field::number('limit_b_amps', 'amperes that leg B may carry'),
            Field::items('loads', 'the loads to choose from', new Form(
                Field::id(),
                Field::choice('leg', 'the leg it hangs on', ['A', 'B', 'AB']),
                Field::number('amps', 'amperes on each leg it hangs on'),
                Field::number('worth', 'what having it is worth, in any unit'),
            ))->atMost(BestSet::MOST),
        );
    }

    public function compute(Values $in): array
    {
        $loads = [];
        foreach ($in->items('loads') as $load) {
            $loads[] = new Candidate($load->text('id'), Leg::from($load->text('leg')), $load->number('amps'), $load->number('worth'));
        }
        $set = BestSet::choose($in->number('limit_a_amps'), $in->number('limit_b_amps'), $loads);

        return ['run' => $set->ids, 'worth' => $set->worth, 'a_amps' => $set->aAmps, 'b_amps' => $set->bAmps];
    }
}
