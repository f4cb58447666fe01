<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\ServicePart;

/** Where the service is switched off. */
final class DisconnectPlaceRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(ServicePart::place());
    }
}
