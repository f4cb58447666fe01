<?php

declare(strict_types=1);

namespace App\Http\Requests\Work;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\WorkPart;

/** A change-over that somebody of the house did alone from the card. */
final class DryRunRequest extends CoreRequest
{
    public function form(): Form
    {
        return WorkPart::dryRun()->only('on', 'who', 'minutes', 'mistakes', 'note');
    }
}
