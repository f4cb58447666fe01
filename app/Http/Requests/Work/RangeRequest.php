<?php

declare(strict_types=1);

namespace App\Http\Requests\Work;

use App\Http\Requests\CoreRequest;
use Underpin\Codebook\Acceptance;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Part\WorkPart;

/** A range of the commissioning as a label or the shop has it; both ends empty: as usual again. */
final class RangeRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(
            Field::enum('id', 'of what it is a range', Acceptance::class)->label('Range'),
            ...WorkPart::range()->only('low', 'high', 'of_shop')->fields(),
        );
    }
}
