<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Loads\Demand\DemandLine;
use Underpin\Loads\Demand\DemandMethod;
use Underpin\Loads\Demand\Dwelling;
use Underpin\Loads\Demand\Worksheet;
use Underpin\Refused;

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
        return new Form(
            Field::choice('method', 'which calculation', array_column(DemandMethod::cases(), 'value')),
            Field::number('volts', 'volts between the legs')->over(0)->default(240),
            Field::number('floor_area_ft2', 'floor area, square feet; needed for all but "measured"')->optional('needed for all but "measured"'),
            Field::whole('small_appliance_circuits', 'small-appliance circuits, 1,500 VA each')->default(2),
            Field::whole('laundry_circuits', 'laundry circuits, 1,500 VA each')->default(1),
            Field::items('appliances', 'fastened in place; not ranges, dryers, heating or cooling', new Form(
                Field::id(),
                Field::number('va', 'nameplate, volt-amperes'),
            ))->optional('[]'),
            Field::numbers('ranges_va', 'nameplates of household ranges, at most five')->optional('[]'),
            Field::numbers('dryers_va', 'nameplates of dryers, at most four')->optional('[]'),
            Field::numbers('ev_chargers_va', 'nameplates; each counts at least 7,200')->optional('[]'),
            Field::number('heating_va', 'electric space heating')->default(0),
            Field::whole('heating_units', 'separately controlled heating units')->default(1),
            Field::number('heat_pump_va', 'heat pump compressor')->default(0),
            Field::number('supplemental_heat_va', 'supplemental heat of the heat pump')->default(0),
            Field::number('cooling_va', 'cooling')->default(0),
            Field::number('largest_motor_va', 'largest motor; counts in "standard" only')->default(0),
            Field::number('peak_va', 'highest 15-minute average; needed for "measured"')->optional('needed for "measured"'),
            Field::number('new_load_va', 'load to be added, in "measured"')->default(0),
        );
    }

    public function compute(Values $in): array
    {
        $volts = $in->number('volts');
        $sheet = match (DemandMethod::from($in->text('method'))) {
            DemandMethod::Standard => Worksheet::standard($this->dwelling($in), $volts),
            DemandMethod::Optional => Worksheet::optional($this->dwelling($in), $volts),
            DemandMethod::Existing => Worksheet::existing($this->dwelling($in), $volts),
            DemandMethod::Measured => Worksheet::measured(
                $in->numberOrNull('peak_va') ?? throw new Refused('peak_va', 'peak_va is missing: "measured" rests on it.'),
                $in->number('new_load_va'), $volts,
            ),
        };

        return [
            'demand_va' => $sheet->demandVa,
            'demand_a' => $sheet->demandA(),
            'lines' => array_map(fn (DemandLine $line): array => ['label' => $line->label, 'va' => $line->va], $sheet->lines),
        ];
    }

    private function dwelling(Values $in): Dwelling
    {
        return new Dwelling(
            $in->numberOrNull('floor_area_ft2') ?? throw new Refused('floor_area_ft2', 'floor_area_ft2 is missing: this calculation rests on it.'),
            $in->whole('small_appliance_circuits'),
            $in->whole('laundry_circuits'),
            array_map(fn (Values $appliance): float => $appliance->number('va'), $in->itemsOrNone('appliances')),
            $in->numbers('ranges_va'),
            $in->numbers('dryers_va'),
            $in->numbers('ev_chargers_va'),
            $in->number('heating_va'),
            $in->whole('heating_units'),
            $in->number('heat_pump_va'),
            $in->number('supplemental_heat_va'),
            $in->number('cooling_va'),
            $in->number('largest_motor_va'),
        );
    }
}
