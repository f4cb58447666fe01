<?php

declare(strict_types=1);

namespace App\Http\Requests\Price;

use App\Http\Requests\CoreRequest;
use Underpin\Connection\Ways;
use Underpin\Form\Field;
use Underpin\Form\Form;

/** A way that is offered beside the one that is picked, or not any more. */
final class BesideRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(
            Field::choice('way', 'a way of connecting', Ways::standard()->options())->label('Offered beside it'),
            Field::flag('offered', 'it is offered')->label('Offered'),
        );
    }
}
