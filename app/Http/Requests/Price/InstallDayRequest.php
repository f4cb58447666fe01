<?php

declare(strict_types=1);

namespace App\Http\Requests\Price;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\AgreedPart;

/** The day that was agreed for the work. */
final class InstallDayRequest extends CoreRequest
{
    public function form(): Form
    {
        return AgreedPart::form()->only('install_on');
    }
}
