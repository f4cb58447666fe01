<?php

declare(strict_types=1);

namespace App\Http\Requests\Price;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Job;
use Underpin\Job\Part\AgreedPart;

/** A paper that was sent, or what came back; no id: it is new. */
final class SentRequest extends CoreRequest
{
    public function form(): Form
    {
        $sent = AgreedPart::sent();

        return new Form(
            Field::text('id', 'empty for a new one')->label('Id')->atMost(Job::LONGEST_ID),
            ...$sent->only('paper', 'to', 'on', 'back_on', 'granted', 'note')->fields(),
        );
    }
}
