<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Form\Values;
use Underpin\Job\DemandInputs;
use Underpin\Job\DemandMethod;
use Underpin\Job\Dwelling;

/** What a load calculation is given, in the words of the calculator "demand". */
final class DemandInputsPart
{
    public static function form(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::choice('method', 'which calculation', array_column(DemandMethod::cases(), 'value'))->label('Calculation'),
            Field::number('volts', 'volts between the legs')->label('Volts')->in(Unit::Volts)->over(0)->default(240),
            Field::number('floor_area_ft2', 'floor area, square feet')
                ->label('Floor area')
                ->in(Unit::SquareFeet)
                ->optional('needed for all but "measured"'),
            Field::whole(
                'small_appliance_circuits', 'small-appliance circuits, 1,500 VA each',
            )->label('Small-appliance circuits')->default(2),
            Field::whole('laundry_circuits', 'laundry circuits, 1,500 VA each')->label('Laundry circuits')->default(1),
            Field::items('appliances', 'fastened in place; not ranges, dryers, heating or cooling', new Form(
                Field::id(),
                Field::number('va', 'nameplate, volt-amperes')->label('Volt-amperes')->in(Unit::VoltAmperes),
            ))->label('Appliances')->optional('[]'),
            Field::numbers('ranges_va', 'nameplates of household ranges, at most five')
                ->label('Ranges')
                ->in(Unit::VoltAmperes)
                ->optional('[]'),
            Field::numbers('dryers_va', 'nameplates of dryers, at most four')->label('Dryers')->in(Unit::VoltAmperes)->optional('[]'),
            Field::numbers('ev_chargers_va', 'nameplates; each counts at least 7,200')
                ->label('Vehicle chargers')
                ->in(Unit::VoltAmperes)
                ->optional('[]'),
            Field::number('heating_va', 'electric space heating')->label('Electric heating')->in(Unit::VoltAmperes)->default(0),
            Field::whole('heating_units', 'separately controlled heating units')->label('Heating units, own controls')->default(1),
            Field::number('heat_pump_va', 'heat pump compressor')->label('Heat pump')->in(Unit::VoltAmperes)->default(0),
            Field::number('supplemental_heat_va', 'supplemental heat of the heat pump')
                ->label('Supplemental heat')
                ->in(Unit::VoltAmperes)
                ->default(0),
            Field::number('cooling_va', 'cooling')->label('Cooling')->in(Unit::VoltAmperes)->default(0),
            Field::number('largest_motor_va', 'largest motor; counts in "standard" only')
                ->label('Largest motor')
                ->in(Unit::VoltAmperes)
                ->default(0),
            Field::number('peak_va', 'highest 15-minute average')
                ->label('Recorded peak')
                ->in(Unit::VoltAmperes)
                ->optional('needed for "measured"'),
            Field::number('new_load_va', 'load to be added, in "measured"')->label('Load to be added')->in(Unit::VoltAmperes)->default(0),
        );
    }

    public static function read(Values $in): DemandInputs
    {
        return new DemandInputs(
            DemandMethod::from($in->text('method')),
            $in->number('volts'),
            new Dwelling(
                $in->numberOrNull('floor_area_ft2'),
                $in->whole('small_appliance_circuits'),
                $in->whole('laundry_circuits'),
                array_map(
                    fn (Values $appliance): array => ['id' => $appliance->text('id'), 'va' => $appliance->number('va')],
                    $in->itemsOrNone('appliances'),
                ),
                $in->numbers('ranges_va'),
                $in->numbers('dryers_va'),
                $in->numbers('ev_chargers_va'),
                $in->number('heating_va'),
                $in->whole('heating_units'),
                $in->number('heat_pump_va'),
                $in->number('supplemental_heat_va'),
                $in->number('cooling_va'),
                $in->number('largest_motor_va'),
            ),
            $in->numberOrNull('peak_va'),
            $in->number('new_load_va'),
        );
    }

    /** @return array<string, mixed> as form() reads it */
    public static function write(DemandInputs $in): array
    {
        return [
            'method' => $in->method->value,
            'volts' => $in->volts,
            'floor_area_ft2' => $in->dwelling->floorAreaFt2,
            'small_appliance_circuits' => $in->dwelling->smallApplianceCircuits,
            'laundry_circuits' => $in->dwelling->laundryCircuits,
            'appliances' => $in->dwelling->appliances,
            'ranges_va' => $in->dwelling->rangesVa,
            'dryers_va' => $in->dwelling->dryersVa,
            'ev_chargers_va' => $in->dwelling->evChargersVa,
            'heating_va' => $in->dwelling->heatingVa,
            'heating_units' => $in->dwelling->heatingUnits,
            'heat_pump_va' => $in->dwelling->heatPumpVa,
            'supplemental_heat_va' => $in->dwelling->supplementalHeatVa,
            'cooling_va' => $in->dwelling->coolingVa,
            'largest_motor_va' => $in->dwelling->largestMotorVa,
            'peak_va' => $in->peakVa,
            'new_load_va' => $in->newLoadVa,
        ];
    }
}
