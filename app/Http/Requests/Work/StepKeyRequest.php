<?php

declare(strict_types=1);

namespace App\Http\Requests\Work;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\WorkPart;

/** Which step. */
final class StepKeyRequest extends CoreRequest
{
    public function form(): Form
    {
        return WorkPart::step()->only('id');
    }
}
