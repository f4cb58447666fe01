<?php

declare(strict_types=1);

namespace App\Http\Requests\Loads;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\BasisPart;

/** Which figures sizing rests on, and why. */
final class FiguresRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(BasisPart::use(), BasisPart::reason());
    }
}
