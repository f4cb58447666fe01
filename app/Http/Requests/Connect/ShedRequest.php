<?php

declare(strict_types=1);

namespace App\Http\Requests\Connect;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\ConnectionPart;

/** A circuit that an automatic switch takes off; without a priority it stays on. */
final class ShedRequest extends CoreRequest
{
    public function form(): Form
    {
        $form = ConnectionPart::shedLoad();

        return new Form(
            $form->field('circuit')->label('Circuit'), $form->field('priority')->optional('stays on'), $form->field('delay_s'),
        );
    }
}
