<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\CircuitPart;

/** Another space for a breaker. */
final class MoveRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(CircuitPart::form()->field('space')->label('Move it to'));
    }
}
