<?php

declare(strict_types=1);

namespace App\Http\Requests\Keep;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\LogPart;

/** The service of a switch. */
final class ServiceRequest extends CoreRequest
{
    public function form(): Form
    {
        return LogPart::service()->only('on', 'switch', 'amps', 'a_mv', 'b_mv', 'a_c', 'b_c', 'ambient_c', 'note');
    }
}
