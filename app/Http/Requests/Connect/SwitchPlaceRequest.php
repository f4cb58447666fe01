<?php

declare(strict_types=1);

namespace App\Http\Requests\Connect;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\ConnectionPart;

/** The place of one circuit on a multi-circuit switch. */
final class SwitchPlaceRequest extends CoreRequest
{
    public function form(): Form
    {
        $form = ConnectionPart::place();

        return new Form($form->field('circuit')->label('Circuit'), $form->field('place')->optional('laid out'));
    }
}
