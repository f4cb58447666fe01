<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\ServicePart;

/** One answer about equipment that is there already. */
final class ExistingAnswerRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(
            ServicePart::answer()->field('question'),
            ServicePart::answer()->field('found')->optional('not looked at'),
        );
    }
}
