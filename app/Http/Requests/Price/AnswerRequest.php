<?php

declare(strict_types=1);

namespace App\Http\Requests\Price;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Part\QuotesPart;

/** What was said to a quote. */
final class AnswerRequest extends CoreRequest
{
    public function form(): Form
    {
        $answer = QuotesPart::answer();

        return new Form(Field::key(20, 'quote'), ...$answer->fields());
    }
}
