<?php

declare(strict_types=1);

namespace Underpin\Loads\Demand;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Refused;

/** What a load calculation is given: the same for the command and for the worksheet of a job. */
final readonly class DemandInputs
{
    /** @param  ?float  $peakVa  needed for "measured" */
    public function __construct(
        public DemandMethod $method,
        public float $volts = 240.0,
        public Dwelling $dwelling = new Dwelling,
        public ?float $peakVa = null,
        public float $newLoadVa = 0.0,
    ) {
    }

    public static function form(): Form
    {
        return new Form(
            Field::choice('method', 'which calculation', array_column(DemandMethod::cases(), 'value')),
            Field::number('volts', 'volts between the legs')->over(0)->default(240),
            Field::number('floor_area_ft2', 'floor area, square feet')->optional('needed for all but "measured"'),
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
            Field::number('peak_va', 'highest 15-minute average')->optional('needed for "measured"'),
            Field::number('new_load_va', 'load to be added, in "measured"')->default(0),
        );
    }

    public static function from(Values $in): self
    {
        return new self(
            DemandMethod::from($in->text('method')),
            $in->number('volts'),
            new Dwelling(
                $in->numberOrNull('floor_area_ft2'),
                $in->whole('small_appliance_circuits'),
                $in->whole('laundry_circuits'),
                array_map(fn (Values $appliance): array => ['id' => $appliance->text('id'), 'va' => $appliance->number('va')], $in->itemsOrNone('appliances')),
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
    public function toArray(): array
    {
        return [
            'method' => $this->method->value,
            'volts' => $this->volts,
            'floor_area_ft2' => $this->dwelling->floorAreaFt2,
            'small_appliance_circuits' => $this->dwelling->smallApplianceCircuits,
            'laundry_circuits' => $this->dwelling->laundryCircuits,
            'appliances' => $this->dwelling->appliances,
            'ranges_va' => $this->dwelling->rangesVa,
            'dryers_va' => $this->dwelling->dryersVa,
            'ev_chargers_va' => $this->dwelling->evChargersVa,
            'heating_va' => $this->dwelling->heatingVa,
            'heating_units' => $this->dwelling->heatingUnits,
            'heat_pump_va' => $this->dwelling->heatPumpVa,
            'supplemental_heat_va' => $this->dwelling->supplementalHeatVa,
            'cooling_va' => $this->dwelling->coolingVa,
            'largest_motor_va' => $this->dwelling->largestMotorVa,
            'peak_va' => $this->peakVa,
            'new_load_va' => $this->newLoadVa,
        ];
    }

    /** @throws Refused naming the field that the method rests on, or a list that its table does not know */
    public function worksheet(): Worksheet
    {
        return match ($this->method) {
            DemandMethod::Standard => Worksheet::standard($this->dwelling, $this->volts),
            DemandMethod::Optional => Worksheet::optional($this->dwelling, $this->volts),
            DemandMethod::Existing => Worksheet::existing($this->dwelling, $this->volts),
            DemandMethod::Measured => Worksheet::measured(
                $this->peakVa ?? throw new Refused('peak_va', 'peak_va is missing: "measured" rests on it.'),
                $this->newLoadVa, $this->volts,
            ),
        };
    }
}
