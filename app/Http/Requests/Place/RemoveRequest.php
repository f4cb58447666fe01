<?php

declare(strict_types=1);

namespace App\Http\Requests\Place;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Job;

/** What of the plan is taken away. */
final class RemoveRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(Field::text('id', 'id of what is changed')->label('Which')->atMost(Job::LONGEST_ID)->required());
    }
}
