<?php

declare(strict_types=1);

namespace App\Http\Requests\Loads;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Measure\Interval\Zone;

/** The time zone that a file of utility data is in. */
final class UtilityDataRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(
            Field::choice('zone', 'time zone of the meter', array_column(Zone::cases(), 'value'))->label('Time zone of the meter')
        );
    }
}
