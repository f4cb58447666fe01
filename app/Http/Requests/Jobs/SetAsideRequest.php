<?php

declare(strict_types=1);

namespace App\Http\Requests\Jobs;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Job;
use Underpin\Job\Part\SetAsidePart;

/** Advice that is set aside, with the reason. */
final class SetAsideRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(
            Field::text('code', 'code of the finding')->label('Advice')->required()->atMost(40),
            Field::text('circuit', 'id of the circuit that it is about')->label('Circuit')->atMost(Job::LONGEST_ID),
            SetAsidePart::reason(),
        );
    }
}
