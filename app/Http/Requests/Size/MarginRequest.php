<?php

declare(strict_types=1);

namespace App\Http\Requests\Size;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\GeneratorPart;

/** What is to stay free. */
final class MarginRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(GeneratorPart::margin());
    }
}
