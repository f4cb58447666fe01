<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\SitePart;

/** Fuel, ground and climate. */
final class SiteRequest extends CoreRequest
{
    public function form(): Form
    {
        return SitePart::form();
    }
}
