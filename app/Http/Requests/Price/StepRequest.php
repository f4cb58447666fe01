<?php

declare(strict_types=1);

namespace App\Http\Requests\Price;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\AgreedPart;

/** What is noted of a step on the way to the day. */
final class StepRequest extends CoreRequest
{
    public function form(): Form
    {
        return AgreedPart::step();
    }
}
