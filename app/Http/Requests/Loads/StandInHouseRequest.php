<?php

declare(strict_types=1);

namespace App\Http\Requests\Loads;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;

/** How the stand-in house is set. */
final class StandInHouseRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(
            Field::number('base_a', 'what always flows on leg A')->label('Always on, leg A')->in(Unit::Amperes)->atMost(200),
            Field::number('base_b', 'what always flows on leg B')->label('Always on, leg B')->in(Unit::Amperes)->atMost(200),
            Field::number('noise_a', 'noise')->label('Noise')->in(Unit::Amperes)->atMost(5),
            Field::flag('swapped', 'the clamps sit on each other\'s leg', 'swapped', 'as marked')->label('Clamps'),
        );
    }
}
