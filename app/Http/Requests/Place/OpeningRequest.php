<?php

declare(strict_types=1);

namespace App\Http\Requests\Place;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Job;
use Underpin\Job\Part\SitePlanPart;

/** A door, a window or a vent in a wall; without an id a new one. */
final class OpeningRequest extends CoreRequest
{
    public function form(): Form
    {
        return SitePlanPart::opening()->only('name', 'kind', 'wall', 'from_ft', 'width_ft')->and(
            Field::text('id', 'id of what is changed; empty: a new one')->label('Which')->atMost(Job::LONGEST_ID),
            Field::text('building', 'id of its building')->label('Building')->required()->atMost(Job::LONGEST_ID),
        );
    }
}
