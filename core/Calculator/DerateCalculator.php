<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Codebook\EngineDerate;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Sizing\Derate;

final class DerateCalculator implements Calculator
{
    /** What no height or temperature on earth reaches, in either direction. */
    private const FARTHEST = -1e9;

    public function name(): string
    {
        return 'derate';
    }

    public function summary(): string
    {
        return 'What is left of an engine\'s rating at this height, in this heat, on this fuel.';
    }

    public function source(): string
    {
        return 'Good practice for engines without a turbocharger: 3.5 % for each 1,000 ft, 1 % for each 10 °F above 77 °F. '
            .'The figures of the machine\'s own manual come first.';
    }

    public function form(): Form
    {
        return new Form(
            Field::number('rated_w', 'rating, watts'),
            Field::number('altitude_ft', 'altitude, feet; may be below 0')->atLeast(self::FARTHEST)->default(0),
            Field::number('altitude_free_ft', 'altitude up to which the rating holds, feet')
                ->atLeast(self::FARTHEST)->default(EngineDerate::ALTITUDE_FREE_FT),
            Field::number('altitude_pct_per_1000ft', 'lost for each 1,000 ft above that, per cent')
                ->default(EngineDerate::ALTITUDE_PCT_PER_1000_FT),
            Field::number('ambient_f', 'temperature at the engine, °F; may be below 0')
                ->atLeast(self::FARTHEST)->default(EngineDerate::HEAT_FREE_F),
            Field::number('temp_free_f', 'temperature up to which the rating holds, °F')
                ->atLeast(self::FARTHEST)->default(EngineDerate::HEAT_FREE_F),
            Field::number('temp_pct_per_10f', 'lost for each 10 °F above that, per cent')->default(EngineDerate::HEAT_PCT_PER_10_F),
            Field::number('fuel_pct', 'what this fuel leaves of the rating, per cent')->default(100),
        );
    }

    public function compute(Values $in): array
    {
        $derate = Derate::at(
            $in->number('altitude_ft'), $in->number('ambient_f'), $in->number('altitude_free_ft'), $in->number('altitude_pct_per_1000ft'),
            $in->number('temp_free_f'), $in->number('temp_pct_per_10f'),
        );

        return [
            'available_w' => $in->number('rated_w') * $in->number('fuel_pct') / 100 * $derate->left(),
            'altitude_loss_pct' => $derate->altitudePct,
            'temp_loss_pct' => $derate->heatPct,
        ];
    }
}
