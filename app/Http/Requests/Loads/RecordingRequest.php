<?php

declare(strict_types=1);

namespace App\Http\Requests\Loads;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;

/** What is recorded, and held against what. */
final class RecordingRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(
            Field::text('name', 'what is recorded')->label('What is recorded')->required()->atMost(100),
            Field::numberChoice('inlet_a', 'inlet to hold it against, amperes', [30 => '30 A', 50 => '50 A'])
                ->label('Held against an inlet of'),
            Field::number('buffer_a', 'amperes on each leg for what did not run')
                ->label('Buffer for the rest')
                ->in(Unit::Amperes)
                ->atMost(500)
                ->default(0),
        );
    }
}
