<?php

declare(strict_types=1);

namespace App\Http\Requests\Price;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;

/** A quote is handed over: a new one, or another revision of the last. */
final class HandOverRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(
            Field::flag('revises', 'it is a revision of the last one')->label('Revision'),
            Field::whole('total_cents', 'what the page showed as the total of the way that is picked')->label('Total')->atMost(1e11),
        );
    }
}
