<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Loads\Demand\DemandInputs;
use Underpin\Loads\Demand\DemandLine;

final class DemandCalculator implements Calculator
{
    public function name(): string
    {
        return 'demand';
    }

    public function summary(): string
    {
        return 'The code\'s load calculation for a dwelling, line by line.';
    }

    public function source(): string
    {
        return 'NEC 2023 220 Part III (standard), 220.82 (optional), 220.83 (existing), 220.87 (measured), 220.55, 220.57. '
            .'A field that a method does not use has no effect.';
    }

    public function form(): Form
    {
        return DemandInputs::form();
    }

    public function compute(Values $in): array
    {
        $sheet = DemandInputs::from($in)->worksheet();

        return [
            'demand_va' => $sheet->demandVa,
            'demand_a' => $sheet->demandA(),
            'lines' => array_map(fn (DemandLine $line): array => ['label' => $line->label, 'va' => $line->va], $sheet->lines),
        ];
    }
}
