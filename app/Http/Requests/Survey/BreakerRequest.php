<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\CircuitPart;

/** A breaker with everything that is kept of it. */
final class BreakerRequest extends CoreRequest
{
    public function form(): Form
    {
        return CircuitPart::form()->only(
            'space', 'half', 'poles', 'amps', 'name', 'protection', 'note', 'keep_on', 'receptacle_a', 'shares_neutral_with',
        );
    }
}
