<?php

declare(strict_types=1);

namespace App\Http\Requests\Loads;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Part\MeasuredPart;

/** What a clamp meter found on a circuit. */
final class MeasuredRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(
            Field::text('circuit', 'the circuit')->label('Circuit')->required()->atMost(JobFile::LONGEST_ID),
            MeasuredPart::form()->field('leg')->named('measured_leg'),
            MeasuredPart::form()->field('run_a')->named('measured_run_a'),
            MeasuredPart::form()->field('start_a')->named('measured_start_a')->optional('as running'),
            Field::flag('by_hand', 'typed in')->label('By hand'),
        );
    }
}
