<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Form\Values;
use Underpin\Job\Machine;
use Underpin\Job\Machine\Housing;
use Underpin\Job\Machine\Losses;
use Underpin\Job\Machine\Plate;
use Underpin\Job\Machine\ServiceIntervals;
use Underpin\Job\Machine\StoredEnergy;

/** What a machine may say of itself beyond its outlet and its watts, in groups that each may be missing. */
final class MachineGroups
{
    private const NOT_KNOWN = 'not known';

    /** @return array<string, Form> by name of the group */
    public static function forms(): array
    {
        /** @var ?array<string, Form> $forms */
        static $forms = null;

        return $forms ??= [
            'plate' => new Form(
                self::flag('listed', 'it is listed', 'Listed'),
                self::flag('own_breaker', 'it has a breaker of its own at its terminals', 'Breaker of its own'),
                self::number('nameplate_a', 'amperes on its nameplate', 'Nameplate', Unit::Amperes, 2_000),
                self::number('kva', 'of its alternator, kVA', 'Alternator', Unit::KilovoltAmperes, 2_000),
                self::number('reactance_pu', 'subtransient reactance, per unit', 'Subtransient reactance', Unit::PerUnit, 1)->over(0),
                self::flag('idle_mode', 'it slows down when little is on', 'Economy (idle) mode'),
            ),
            'losses' => new Form(
                self::number('altitude_free_ft', 'feet up to which its rating holds', 'Rating holds up to', Unit::Feet, 20_000),
                self::number('altitude_pct', 'per cent lost for each 1,000 ft above that', 'Lost per 1,000 ft', Unit::PerCent, 50),
                self::number('heat_free_f', '°F up to which its rating holds', 'Rating holds up to', Unit::Fahrenheit, 150),
                self::number('heat_pct', 'per cent lost for each 10 °F above that', 'Lost per 10 °F', Unit::PerCent, 50),
            ),
            'stored' => new Form(
                self::number('wh', 'usable watt-hours; of both where two are joined', 'Stored energy', Unit::WattHours, 10_000_000),
                self::number('surge_s', 'seconds that it gives its peak', 'Peak lasts', Unit::Seconds, 3_600),
                self::number('recharge_w', 'watts that it takes to charge', 'Charges with', Unit::Watts, 100_000),
            ),
            'housing' => new Form(
                self::number('tank_gal', 'its own tank, gallons', 'Tank', Unit::Gallons, 10_000),
                self::number('noise_db', 'noise, dB(A)', 'Noise', Unit::Decibels, 150),
                Field::number('noise_ft', 'feet at which that was told')->label('at')->in(Unit::Feet)->over(0)->atMost(1_000)
                    ->default(Housing::USUAL_NOISE_FT),
                self::number('weight_lb', 'pounds', 'Weight', Unit::Pounds, 100_000),
                self::number('width_in', 'inches', 'Width', Unit::Inches, 1_000),
                self::number('depth_in', 'inches', 'Depth', Unit::Inches, 1_000),
                self::number('height_in', 'inches', 'Height', Unit::Inches, 1_000),
                self::number('wall_in', 'listed clearance from a wall that burns, inches', 'From a wall that burns', Unit::Inches, 1_000),
                self::number('opening_in', 'listed clearance from openings, inches', 'From openings', Unit::Inches, 1_000),
                self::number('service_in', 'clearance where it is served, inches', 'Where it is served', Unit::Inches, 1_000),
                self::flag('outside_stop', 'an emergency stop outside comes with it', 'Emergency stop comes with it'),
            ),
            'service' => new Form(
                self::number('first_oil_h', 'hours until its first oil', 'First oil', Unit::Hours, 100_000),
                self::number('oil_h', 'hours between oil changes', 'Oil', Unit::Hours, 100_000),
                self::number('air_filter_h', 'hours', 'Air filter', Unit::Hours, 100_000),
                self::number('plugs_h', 'hours', 'Spark plugs', Unit::Hours, 100_000),
                self::number('valves_h', 'hours', 'Valves', Unit::Hours, 100_000),
            ),
        ];
    }

    /** @return list<Field> */
    public static function fields(): array
    {
        $meanings = [
            'plate' => 'what its nameplate says', 'losses' => 'what height and heat take, by its manual',
            'stored' => 'what a battery station holds', 'housing' => 'the machine as a thing that stands somewhere',
            'service' => 'hours between services, by its manual',
        ];

        return array_map(
            fn (string $name, Form $form): Field => Field::group($name, $meanings[$name], $form)->label(ucfirst($name))
                ->optional(self::NOT_KNOWN),
            array_keys(self::forms()), array_values(self::forms()),
        );
    }

    public static function plate(Values $in): Plate
    {
        $of = self::group($in, 'plate');

        return new Plate(
            $of->flagOrNull('listed'), $of->flagOrNull('own_breaker'), $of->numberOrNull('nameplate_a'), $of->numberOrNull('kva'),
            $of->numberOrNull('reactance_pu'), $of->flagOrNull('idle_mode'),
        );
    }

    public static function losses(Values $in): Losses
    {
        $of = self::group($in, 'losses');

        return new Losses(
            $of->numberOrNull('altitude_free_ft'), $of->numberOrNull('altitude_pct'), $of->numberOrNull('heat_free_f'),
            $of->numberOrNull('heat_pct'),
        );
    }

    public static function stored(Values $in): StoredEnergy
    {
        $of = self::group($in, 'stored');

        return new StoredEnergy($of->numberOrNull('wh'), $of->numberOrNull('surge_s'), $of->numberOrNull('recharge_w'));
    }

    public static function housing(Values $in): Housing
    {
        $of = self::group($in, 'housing');

        return new Housing(
            $of->numberOrNull('tank_gal'), $of->numberOrNull('noise_db'), $of->numberOrNull('noise_ft') ?? Housing::USUAL_NOISE_FT,
            $of->numberOrNull('weight_lb'), $of->numberOrNull('width_in'), $of->numberOrNull('depth_in'), $of->numberOrNull('height_in'),
            $of->numberOrNull('wall_in'), $of->numberOrNull('opening_in'), $of->numberOrNull('service_in'), $of->flagOrNull('outside_stop'),
        );
    }

    public static function service(Values $in): ServiceIntervals
    {
        $of = self::group($in, 'service');

        return new ServiceIntervals(
            $of->numberOrNull('first_oil_h'), $of->numberOrNull('oil_h'), $of->numberOrNull('air_filter_h'), $of->numberOrNull('plugs_h'),
            $of->numberOrNull('valves_h'),
        );
    }

    /** @return array<string, ?array<string, float|bool|null>> a group of which nothing is known is null */
    public static function write(Machine $machine): array
    {
        $isKnown = fn (array $values): bool => array_filter(
            array_diff_key($values, ['noise_ft' => 0]), fn (mixed $value): bool => $value !== null,
        ) !== [];

        return array_map(fn (array $values): ?array => $isKnown($values) ? $values : null, self::values($machine));
    }

    /** @return array<string, array<string, float|bool|null>> by group and field */
    public static function values(Machine $machine): array
    {
        [$plate, $losses, $stored] = [$machine->plate, $machine->losses, $machine->stored];
        [$housing, $service] = [$machine->housing, $machine->service];

        return [
            'plate' => [
                'listed' => $plate->listed, 'own_breaker' => $plate->ownBreaker, 'nameplate_a' => $plate->amps, 'kva' => $plate->kva,
                'reactance_pu' => $plate->reactancePu, 'idle_mode' => $plate->idleMode,
            ],
            'losses' => [
                'altitude_free_ft' => $losses->altitudeFreeFt, 'altitude_pct' => $losses->pctPer1000Ft,
                'heat_free_f' => $losses->heatFreeF, 'heat_pct' => $losses->pctPer10F,
            ],
            'stored' => ['wh' => $stored->wh, 'surge_s' => $stored->surgeS, 'recharge_w' => $stored->rechargeW],
            'housing' => [
                'tank_gal' => $housing->tankGal, 'noise_db' => $housing->noiseDb, 'noise_ft' => $housing->noiseFt,
                'weight_lb' => $housing->weightLb, 'width_in' => $housing->widthIn, 'depth_in' => $housing->depthIn,
                'height_in' => $housing->heightIn, 'wall_in' => $housing->wallIn, 'opening_in' => $housing->openingIn,
                'service_in' => $housing->serviceIn, 'outside_stop' => $housing->outsideStop,
            ],
            'service' => [
                'first_oil_h' => $service->firstOilH, 'oil_h' => $service->oilH, 'air_filter_h' => $service->airFilterH,
                'plugs_h' => $service->plugsH, 'valves_h' => $service->valvesH,
            ],
        ];
    }

    private static function group(Values $in, string $name): Values
    {
        return $in->group($name) ?? new Values([]);
    }

    private static function number(string $name, string $meaning, string $label, Unit $unit, float $most): Field
    {
        return Field::number($name, $meaning)->label($label)->in($unit)->atMost($most)->optional(self::NOT_KNOWN);
    }

    private static function flag(string $name, string $meaning, string $label): Field
    {
        return Field::flag($name, $meaning)->label($label)->optional(self::NOT_KNOWN);
    }
}
