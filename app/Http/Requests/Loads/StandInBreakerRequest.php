<?php

declare(strict_types=1);

namespace App\Http\Requests\Loads;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;

/** One breaker of the stand-in house. */
final class StandInBreakerRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(
            Field::text('circuit', 'which breaker of the house')->label('Circuit')->required()->atMost(60),
            Field::flag('on', 'closed')->label('Closed'),
        );
    }
}
