<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;

/** A breaker for a free space. */
final class NewBreakerRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(Field::text('panel', 'the panel')->label('Panel')->required(), ...(new BreakerRequest)->form()->fields());
    }
}
