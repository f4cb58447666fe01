<?php

declare(strict_types=1);

namespace App\Http\Requests\Jobs;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\JobParts;

/** A new job asks for its name alone. */
final class NewJobRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(JobParts::name());
    }
}
