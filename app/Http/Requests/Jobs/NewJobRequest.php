<?php

declare(strict_types=1);

namespace App\Http\Requests\Jobs;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Panel;
use Underpin\Job\Part\ClientPart;
use Underpin\Job\Part\JobParts;

/** A new job: its name, whose it is, and its panel. */
final class NewJobRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(
            JobParts::name(),
            ClientPart::form()->field('name')->named('customer_name'),
            Field::numberChoice('spaces', 'spaces of its panel', Panel::COMMON_SPACES)->label('Spaces of its panel')->default(42),
        );
    }
}
