<?php

declare(strict_types=1);

namespace App\Http\Requests\Place;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\FuelKeptPart;

/** What is stored, the tank, and where more is to be had. */
final class FuelKeptRequest extends CoreRequest
{
    public const FIELDS = [
        'bought_on', 'treated', 'usd_per_unit', 'tank_diameter_in', 'tank_length_in', 'tank_fill_pct', 'buried', 'supplier_btuh', 'pipe_ft',
        'near', 'far', 'engine_w', 'sun_w', 'sun_h',
    ];

    public function form(): Form
    {
        return FuelKeptPart::form()->only(...self::FIELDS);
    }
}
