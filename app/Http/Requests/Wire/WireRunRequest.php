<?php

declare(strict_types=1);

namespace App\Http\Requests\Wire;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\WireRunPart;

/** From the machine to the panel. */
final class WireRunRequest extends CoreRequest
{
    public function form(): Form
    {
        return WireRunPart::withoutLengths();
    }
}
