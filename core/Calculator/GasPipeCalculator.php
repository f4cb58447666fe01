<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Codebook\GasPipes;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Fuel\GasPipe;
use Underpin\Fuel\PipedGas;

final class GasPipeCalculator implements Calculator
{
    public function name(): string
    {
        return 'gas-pipe';
    }

    public function summary(): string
    {
        return 'Which steel pipe brings the gas of an appliance over its length.';
    }

    public function source(): string
    {
        return 'NFPA 54, low-pressure formula (under 1.5 psi), schedule 40 steel. Corrugated tubing has tables of its own.';
    }

    public function form(): Form
    {
        return new Form(
            Field::choice('fuel', 'natural gas or propane vapor', array_column(PipedGas::cases(), 'value')),
            Field::number('load_btuh', 'all that the pipe feeds, BTU an hour'),
            Field::number('length_ft', 'feet to the farthest appliance, with fittings')->over(0),
            Field::number('drop_inwc', 'inches of water column that may be lost')->over(0)->default(GasPipes::USUAL_DROP_INWC),
            Field::number('btu_per_ft3', 'heat of a cubic foot')->over(0)->optional('1000 for natural gas, 2500 for propane'),
        );
    }

    public function compute(Values $in): array
    {
        $pipe = GasPipe::of(
            PipedGas::from($in->text('fuel')), $in->number('load_btuh'), $in->number('length_ft'), $in->number('drop_inwc'),
            $in->numberOrNull('btu_per_ft3'),
        );

        return [
            'load_cfh' => $pipe->loadCfh, 'smallest' => $pipe->smallest, 'capacity_cfh' => $pipe->capacityCfh(),
            'table' => (object) $pipe->capacitiesCfh, 'tight' => $pipe->isTight(),
        ];
    }
}
