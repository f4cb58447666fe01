<?php

declare(strict_types=1);

namespace App\Http\Requests\Place;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Job;
use Underpin\Job\Part\SitePlanPart;

/** What else stands on the site; without an id a new one. */
final class ItemRequest extends CoreRequest
{
    public function form(): Form
    {
        return SitePlanPart::item()->only('name', 'kind', 'x', 'y', 'w', 'd', 'height_in')->and(
            Field::text('id', 'id of what is changed; empty: a new one')->label('Which')->atMost(Job::LONGEST_ID),
        );
    }
}
