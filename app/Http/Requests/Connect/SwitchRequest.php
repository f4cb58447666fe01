<?php

declare(strict_types=1);

namespace App\Http\Requests\Connect;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\ConnectionPart;

/** The kind of a multi-circuit switch. */
final class SwitchRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(ConnectionPart::switchKind());
    }
}
