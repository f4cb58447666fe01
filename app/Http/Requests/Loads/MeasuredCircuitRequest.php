<?php

declare(strict_types=1);

namespace App\Http\Requests\Loads;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Job as JobFile;

/** Which circuit it is about. */
final class MeasuredCircuitRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(Field::text('circuit', 'the circuit')->label('Circuit')->required()->atMost(JobFile::LONGEST_ID));
    }
}
