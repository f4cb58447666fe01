<?php

declare(strict_types=1);

namespace App\Http\Requests\Jobs;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Part\CustomerPart;
use Underpin\Job\Part\JobParts;
use Underpin\Job\Part\ServicePart;

/** Customer and service. */
final class JobFactsRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(
            JobParts::name(),
            ...array_map(fn (Field $field): Field => $field->named("customer_$field->name"), CustomerPart::form()->fields()),
            ...[ServicePart::amps(), CustomerPart::notes()],
        );
    }
}
