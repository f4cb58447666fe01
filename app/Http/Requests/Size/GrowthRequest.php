<?php

declare(strict_types=1);

namespace App\Http\Requests\Size;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\GrowthPart;

/** Something that may come. */
final class GrowthRequest extends CoreRequest
{
    public function form(): Form
    {
        return GrowthPart::load()->only('name', 'kind', 'volts', 'run_w', 'start_w');
    }
}
