<?php

declare(strict_types=1);

namespace Underpin\Demand;

use Underpin\Job\Circuit;
use Underpin\Job\Job;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Say;

/**
 * What the list of loads says beside each field of the load calculation, so that nobody looks it up again. It is an offer to the eye:
 * the calculation takes nameplates, and the list may hold usual figures.
 */
final class Listed
{
    /** Of a dryer or a washer the motor is the smaller part. */
    private const MOTORS = [LoadKind::Pump, LoadKind::Compressor, LoadKind::Fan, LoadKind::Refrigeration, LoadKind::Tool];

    /** @return array<string, string> "Range 5,000 VA", by field of the calculation; a field with nothing on the list is not among them */
    public static function of(Job $job): array
    {
        $found = [];
        $motor = null;
        foreach ($job->drawingCircuits() as $circuit) {
            foreach ($circuit->loads as $load) {
                $field = self::field($circuit, $load);
                if ($field !== null && $load->runW !== null) {
                    $found[$field][] = self::words($load);
                }
                $isMotor = in_array($load->kind, self::MOTORS, true);
                $motor = $isMotor && self::va($load) > ($motor === null ? 0.0 : self::va($motor)) ? $load : $motor;
            }
        }
        if ($motor !== null) {
            $found['largest_motor_va'] = [self::words($motor)];
        }

        return array_map(fn (array $words): string => Say::list($words, 6), $found);
    }

    private static function field(Circuit $circuit, Load $load): ?string
    {
        $is240 = $circuit->position->poles === 2;

        return match ($load->kind) {
            LoadKind::Cooking => $is240 ? 'ranges_va' : null,
            LoadKind::Laundry => $is240 ? 'dryers_va' : null,
            LoadKind::Charger => 'ev_chargers_va',
            LoadKind::Compressor => ! $is240 ? null : (stripos($load->name, 'heat pump') === false ? 'cooling_va' : 'heat_pump_va'),
            LoadKind::ElectricHeat => $is240 ? 'heating_va' : null,
            LoadKind::WaterHeating, LoadKind::Pump => 'appliances',
            LoadKind::Lighting, LoadKind::Outlets, LoadKind::Electronics, LoadKind::Medical, LoadKind::Refrigeration, LoadKind::Fan,
            LoadKind::Boiler, LoadKind::Tool, LoadKind::Other => null,
        };
    }

    private static function words(Load $load): string
    {
        return $load->name.' '.number_format(self::va($load)).' VA';
    }

    /** Volt-amperes that its watts take from the conductors; 0: not known. */
    private static function va(Load $load): float
    {
        return ($load->runW ?? 0.0) / $load->pf;
    }
}
