<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\Material;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Wiring\VoltageDrop;

final class VoltageDropCalculator implements Calculator
{
    public function name(): string
    {
        return 'voltage-drop';
    }

    public function summary(): string
    {
        return 'What a single-phase run loses on the way, and how long it may be at 3 %.';
    }

    public function source(): string
    {
        return 'NEC 2023 Chapter 9 Table 8 (stranded, uncoated, 75 °C); 3 % from the informational notes to 210.19 and '
            .'215.2. Reactance is left out.';
    }

    public function form(): Form
    {
        return new Form(
            ConductorFields::material(),
            ConductorFields::size(),
            Field::number('length_ft', 'length of the run one way, feet'),
            Field::number('amps', 'amperes'),
            Field::number('volts', 'volts at the beginning of the run')->over(0),
            Field::whole('sets', 'conductors in parallel for each leg')->atLeast(1)->default(1),
        );
    }

    public function compute(Values $in): array
    {
        $drop = VoltageDrop::along(
            Material::from($in->text('material')),
            ConductorSize::from($in->text('size')),
            $in->number('length_ft'),
            $in->number('amps'),
            $in->number('volts'),
            $in->whole('sets'),
        );

        return [
            'drop_v' => $drop->dropV,
            'drop_pct' => $drop->dropPct,
            'end_v' => $drop->endV,
            'longest_ft_at_3_pct' => $drop->longestFtAt3Pct,
        ];
    }
}
