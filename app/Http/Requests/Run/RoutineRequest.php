<?php

declare(strict_types=1);

namespace App\Http\Requests\Run;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\ConnectionPart;

/** How the engine is brought up to load. */
final class RoutineRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(ConnectionPart::routine());
    }
}
