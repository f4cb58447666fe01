<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\Material;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Wiring\Ampacity;

final class AmpacityCalculator implements Calculator
{
    public function name(): string
    {
        return 'ampacity';
    }

    public function summary(): string
    {
        return 'What a conductor may carry where it is laid, and the largest breaker ahead of it.';
    }

    public function source(): string
    {
        return 'NEC 2023 Table 310.16, Table 310.15(B)(1)(1), Table 310.15(C)(1), 110.14(C), 240.4(B), 240.4(D), 240.6(A).';
    }

    public function form(): Form
    {
        return new Form(
            ConductorFields::material(),
            ConductorFields::size(),
            Field::numberChoice('insulation_c', 'temperature rating of the insulation, °C', [60, 75, 90]),
            Field::numberChoice('terminal_c', 'temperature rating of the terminals, °C', [60, 75]),
            Field::number('ambient_c', 'ambient temperature, °C; a fraction counts in the band above')->atLeast(-273.15)->default(30),
            Field::whole('current_carrying', 'current-carrying conductors in the raceway or cable')->atLeast(1)->default(3),
        );
    }

    public function compute(Values $in): array
    {
        $ampacity = Ampacity::of(
            Material::from($in->text('material')),
            ConductorSize::from($in->text('size')),
            $in->whole('insulation_c'),
            $in->whole('terminal_c'),
            $in->number('ambient_c'),
            $in->whole('current_carrying'),
        );

        return [
            'table_a' => $ampacity->tableAmps,
            'adjusted_a' => $ampacity->adjustedAmps,
            'usable_a' => $ampacity->usableAmps,
            'max_breaker_a' => $ampacity->maxBreakerAmps,
        ];
    }
}
