<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Codebook\CodeLetters;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Loads\MotorStart;
use Underpin\Refused;

final class MotorStartCalculator implements Calculator
{
    public function name(): string
    {
        return 'motor-start';
    }

    public function summary(): string
    {
        return 'What the start of a motor draws, from its locked-rotor amps or its code letter.';
    }

    public function source(): string
    {
        return 'NEC 2023 Table 430.7(B), the upper end of each letter. '.CodeLetters::NO_UPPER_END;
    }

    public function form(): Form
    {
        return new Form(
            Field::number('lra_a', 'locked-rotor amperes from the nameplate')->optional('then hp and code_letter'),
            Field::number('volts', 'volts across the motor')->over(0),
            Field::number('hp', 'rated horsepower; not together with lra_a')->optional('then lra_a'),
            Field::choice(
                'code_letter', 'from the nameplate; needed with hp', CodeLetters::letters(),
            )->hint(CodeLetters::NO_UPPER_END)->optional('then lra_a'),
            Field::number('soft_start_pct', 'what a soft starter leaves of the locked-rotor current, per cent')->atMost(100)->default(100),
        );
    }

    public function compute(Values $in): array
    {
        $start = $this->start($in);

        return ['start_kva' => $start->kva, 'start_a' => $start->amps];
    }

    private function start(Values $in): MotorStart
    {
        $lra = $in->numberOrNull('lra_a');
        $hp = $in->numberOrNull('hp');
        if ($lra !== null && $hp !== null) {
            throw new Refused('hp', 'hp must not be given together with lra_a: which of the two counts?');
        }
        if ($lra !== null) {
            return MotorStart::fromLockedRotor($lra, $in->number('volts'), $in->number('soft_start_pct'));
        }
        if ($hp === null) {
            throw new Refused('lra_a', 'lra_a is missing; or give hp and code_letter.');
        }

        return MotorStart::fromCodeLetter(
            $hp,
            $in->textOrNull('code_letter') ?? throw new Refused('code_letter', 'code_letter is missing: hp needs it.'),
            $in->number('volts'),
            $in->number('soft_start_pct'),
        );
    }
}
