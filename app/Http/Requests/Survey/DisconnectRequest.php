<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\ServicePart;

/** A disconnect of the service. */
final class DisconnectRequest extends CoreRequest
{
    public function form(): Form
    {
        return ServicePart::disconnect()->only('name', 'amps', 'bonded', 'marking');
    }
}
