<?php

declare(strict_types=1);

namespace App\Http\Requests\Place;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Part\SitePlanPart;
use Underpin\Job\Plan\SitePlan;

/** A further machine of the same make: counted from 2; 0 for a new one. */
final class FurtherMachineRequest extends CoreRequest
{
    public function form(): Form
    {
        return SitePlanPart::spot()->only('x', 'y', 'exhaust')->and(self::which());
    }

    public static function which(): Field
    {
        return Field::whole('machine', 'which one, counted from 2; 0: a new one')->label('Machine')->atMost(SitePlan::MOST_MORE + 1);
    }
}
