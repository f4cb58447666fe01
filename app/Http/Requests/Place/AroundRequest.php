<?php

declare(strict_types=1);

namespace App\Http\Requests\Place;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\SitePlanPart;

/** The lot, north, where snow comes down, where water stands, and how the ground falls. */
final class AroundRequest extends CoreRequest
{
    public function form(): Form
    {
        return SitePlanPart::around();
    }
}
