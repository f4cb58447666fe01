<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Checks\Rules\Judgement;
use Underpin\Checks\Rules\Rule;
use Underpin\Form\Form;
use Underpin\Form\Values;

final class CheckDesignCalculator implements Calculator
{
    public function name(): string
    {
        return 'check-design';
    }

    public function summary(): string
    {
        return 'What is wrong with an arrangement of generator, connection, wire and place, and what could not be checked.';
    }

    public function source(): string
    {
        return 'Each finding names its own: NEC 2023, NFPA 37, NFPA 54 or good practice. Every field is optional; a code that the given '
            .'fields neither prove nor exclude stands in not_checked. Nothing here says that something may be energized: a licensed '
            .'electrician and the local authority decide.';
    }

    public function form(): Form
    {
        return ArrangementFields::form();
    }

    public function compute(Values $in): array
    {
        $judgement = new Judgement(ArrangementFields::read($in));

        return [
            'findings' => array_map(function (Rule $rule) use ($judgement): array {
                $said = $rule->says($judgement->it);

                return [
                    'code' => $rule->code()->value, 'severity' => $rule->code()->severity()->value,
                    'message' => "$said->what $said->why", 'do' => $said->do, 'source' => $rule->code()->source()->words(),
                ];
            }, $judgement->found),
            'not_checked' => array_map(fn (Rule $rule): string => $rule->code()->value, $judgement->notChecked()),
            'safe' => $judgement->nothingBadOrOpen(),
        ];
    }
}
