<?php

declare(strict_types=1);

namespace App\Http\Requests\Price;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Job;
use Underpin\Job\Part\OfferPart;

/** Something that is offered besides; no id: it is new. */
final class ExtraRequest extends CoreRequest
{
    public function form(): Form
    {
        $extra = OfferPart::extra();

        return new Form(Field::text('id', 'empty for a new one')->label('Id')->atMost(Job::LONGEST_ID), $extra->field('what'),
            $extra->field('usd'));
    }
}
