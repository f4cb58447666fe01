<?php

declare(strict_types=1);

namespace App\Http\Requests\Place;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Job;
use Underpin\Job\Part\FuelKeptPart;

/** Something else that burns the same gas; without an id a new one. */
final class ApplianceRequest extends CoreRequest
{
    public function form(): Form
    {
        return FuelKeptPart::appliance()->only('name', 'btuh', 'at_ft', 'branch_ft')->and(
            Field::text('id', 'id of what is changed; empty: a new one')->label('Which')->atMost(Job::LONGEST_ID),
        );
    }
}
