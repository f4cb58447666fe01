<?php

declare(strict_types=1);

namespace App\Http\Requests\Wire;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\WireRunPart;

/** How far it is between two pieces of equipment; empty: not measured. */
final class LengthRequest extends CoreRequest
{
    public function form(): Form
    {
        $length = WireRunPart::length();

        return new Form($length->field('id'), $length->field('ft')->optional('not measured'));
    }
}
