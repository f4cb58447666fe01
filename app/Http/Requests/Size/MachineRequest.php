<?php

declare(strict_types=1);

namespace App\Http\Requests\Size;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Part\GeneratorPart;

/** The machine that is picked, and its fuel. */
final class MachineRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(Field::text('key', 'the machine')->label('Generator')->atMost(40), GeneratorPart::fuel());
    }
}
