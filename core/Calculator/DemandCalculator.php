<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Demand\DemandLine;
use Underpin\Demand\Worksheet;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Job\Part\DemandInputsPart;

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
        return DemandInputsPart::form();
    }

    public function compute(Values $in): array
    {
        $sheet = Worksheet::of(DemandInputsPart::read($in));

        return [
            'demand_va' => $sheet->demandVa,
            'demand_a' => $sheet->demandAmps(),
            'lines' => array_map(fn (DemandLine $line): array => ['label' => $line->label, 'va' => $line->va], $sheet->lines),
        ];
    }
}
