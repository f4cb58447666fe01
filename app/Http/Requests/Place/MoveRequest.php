<?php

declare(strict_types=1);

namespace App\Http\Requests\Place;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\SitePlanPart;

/** The machine is moved, and nothing else about it. */
final class MoveRequest extends CoreRequest
{
    public function form(): Form
    {
        return SitePlanPart::spot()->only('x', 'y');
    }
}
