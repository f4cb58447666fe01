<?php

declare(strict_types=1);

namespace App\Http\Requests\Loads;

use App\Http\Requests\CoreRequest;
use Underpin\Codebook\CodeLetters;
use Underpin\Codebook\MotorCurrents;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Job\Part\LoadPart;

/** A load from its nameplate. */
final class NameplateRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(
            ...LoadPart::form()->only('name', 'kind', 'pf')->fields(),
            ...[
                Field::number('rla', 'rated (full-load) amperes')
                    ->label('Rated')
                    ->in(Unit::Amperes)
                    ->atMost(1000)
                    ->optional('not on the plate'),
                Field::number('lra', 'locked-rotor amperes')
                    ->label('Locked rotor')
                    ->in(Unit::Amperes)
                    ->atMost(5000)
                    ->optional('not on the plate'),
                Field::choice('hp', 'rated horsepower', MotorCurrents::sizes())->label('Horsepower')->optional('not on the plate'),
                Field::choice('code_letter', 'locked-rotor code letter', CodeLetters::letters())
                    ->label('Code letter')
                    ->hint(CodeLetters::NO_UPPER_END)
                    ->optional('not on the plate'),
                Field::number('soft_start_pct', 'what a soft starter leaves of the start, per cent')
                    ->label('Soft start leaves')
                    ->in(Unit::PerCent)
                    ->over(0)
                    ->atMost(100)
                    ->default(100),
            ],
        );
    }
}
