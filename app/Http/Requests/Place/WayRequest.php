<?php

declare(strict_types=1);

namespace App\Http\Requests\Place;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\SitePlanPart;

/** The way of a cord, a trench or a gas pipe; without places it is taken away. */
final class WayRequest extends CoreRequest
{
    public function form(): Form
    {
        $form = SitePlanPart::route();

        return new Form($form->field('kind'), $form->field('points')->optional('not laid'));
    }
}
