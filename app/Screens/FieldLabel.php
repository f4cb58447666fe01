<?php

declare(strict_types=1);

namespace App\Screens;

/** A field of a form as people call it. */
final class FieldLabel
{
    private const WORDS = [
        'amps' => 'Breaker, A',
        'run_w' => 'Running, W',
        'start_w' => 'Starting, W',
        'pf' => 'Power factor',
        'main_a' => 'Main breaker, A',
        'service_a' => 'Service, A',
        'cord_ft' => 'Cord, ft',
        'run_ft' => 'Run to the panel, ft',
        'inlet_a' => 'Inlet, A',
        'terminal_c' => 'Terminals, °C',
        'ambient_c' => 'Hottest ambient, °C',
        'wire_method' => 'Wiring method',
        'wire_material' => 'Conductor',
        'margin_pct' => 'Margin, %',
        'floor_area_ft2' => 'Floor area, ft²',
        'ranges_va' => 'Ranges, VA',
        'dryers_va' => 'Dryers, VA',
        'ev_chargers_va' => 'Vehicle chargers, VA',
        'heating_va' => 'Electric heating, VA',
        'heat_pump_va' => 'Heat pump, VA',
        'supplemental_heat_va' => 'Supplemental heat, VA',
        'cooling_va' => 'Cooling, VA',
        'largest_motor_va' => 'Largest motor, VA',
        'peak_va' => 'Recorded peak, VA',
        'new_load_va' => 'Load to be added, VA',
        'start_school' => 'Order of the start',
        'interlock_listed' => 'Interlock listed for this panel',
        'interlock_space' => 'Generator breaker beside the main',
        'has_multiwire' => 'Multiwire circuits',
        'splices_in_panel' => 'Splices in the panel',
    ];

    public static function of(string $field): string
    {
        return self::WORDS[$field] ?? ucfirst(str_replace('_', ' ', $field));
    }

    public static function value(mixed $value): string
    {
        return match (true) {
            $value === null || $value === '' => 'nothing',
            $value === true => 'yes',
            $value === false => 'no',
            is_scalar($value) => (string) $value,
            default => 'something else',
        };
    }
}
