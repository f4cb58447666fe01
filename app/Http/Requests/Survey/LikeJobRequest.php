<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;

/** The job that another is laid out like. */
final class LikeJobRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(Field::whole('like', 'the job that it is laid out like')->label('Laid out like'));
    }
}
