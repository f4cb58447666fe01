<?php

declare(strict_types=1);

namespace App\Http\Requests\Loads;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\LoadPart;

/** A load with its figures. */
final class NewLoadRequest extends CoreRequest
{
    public function form(): Form
    {
        return LoadPart::form()->only('name', 'kind', 'run_w', 'start_w', 'pf');
    }
}
