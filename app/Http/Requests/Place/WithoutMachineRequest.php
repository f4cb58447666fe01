<?php

declare(strict_types=1);

namespace App\Http\Requests\Place;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;

/** A further machine is taken off the plan. */
final class WithoutMachineRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(FurtherMachineRequest::which());
    }
}
