<?php

declare(strict_types=1);

namespace App\Http\Requests\Place;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Job;
use Underpin\Job\Part\SitePlanPart;

/** A building of the site plan; without an id a new one. */
final class BuildingRequest extends CoreRequest
{
    public function form(): Form
    {
        return SitePlanPart::building()->only('name', 'kind', 'corners', 'burns')->and(
            Field::text('id', 'id of what is changed; empty: a new one')->label('Which')->atMost(Job::LONGEST_ID),
        );
    }
}
