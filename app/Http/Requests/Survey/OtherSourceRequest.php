<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\ServicePart;

/** Solar or a battery of the house. */
final class OtherSourceRequest extends CoreRequest
{
    public function form(): Form
    {
        $form = ServicePart::otherSource();

        return new Form($form->field('kind')->optional('not looked'), $form->field('at'), $form->field('disconnect'), $form->field('run'));
    }
}
