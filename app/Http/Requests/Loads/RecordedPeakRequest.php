<?php

declare(strict_types=1);

namespace App\Http\Requests\Loads;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;

/** What is added to a recorded peak. */
final class RecordedPeakRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(
            Field::number('pf', 'power factor of the house')->label('Power factor')->over(0)->atMost(1),
            Field::number('new_load_va', 'load to be added')->label('Load to be added')->in(Unit::VoltAmperes),
        );
    }
}
