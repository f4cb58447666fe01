<?php

declare(strict_types=1);

namespace Underpin\JobFile\Section;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Refused;
use Underpin\Service\SiteFacts;

/** Fuel, ground and climate. */
final class SiteSection
{
    public static function form(): Form
    {
        return new Form(
            Field::number('gas_meter_cfh', 'capacity of the gas meter, cubic feet an hour; 0: no gas here')->atMost(100_000)->optional('not known'),
            Field::number('propane_tank_gal', 'size of the propane tank, gallons; 0: none')->atMost(100_000)->optional('not known'),
            Field::number('gasoline_gal', 'gasoline that is safe to keep, gallons; 0: none')->atMost(10_000)->optional('not known'),
            Field::number('altitude_ft', 'altitude, feet')->atLeast(-1500)->atMost(20_000)->optional('not known'),
            Field::number('hottest_f', 'hottest day, °F')->atLeast(-40)->atMost(140)->optional('not known'),
            Field::number('coldest_f', 'coldest day, °F')->atLeast(-90)->atMost(100)->optional('not known'),
            Field::number('snow_in', 'deepest snow, inches')->atMost(600)->optional('not known'),
            Field::flag('level', 'level ground for a machine')->optional('not looked'),
            Field::flag('above_flood', 'that place lies above the flood line')->optional('not known'),
        );
    }

    /** @return array<string, float|bool|null> */
    public static function write(SiteFacts $site): array
    {
        return [
            'gas_meter_cfh' => $site->gasMeterCfh, 'propane_tank_gal' => $site->propaneTankGal, 'gasoline_gal' => $site->gasolineGal,
            'altitude_ft' => $site->altitudeFt, 'hottest_f' => $site->hottestF, 'coldest_f' => $site->coldestF, 'snow_in' => $site->snowIn,
            'level' => $site->level, 'above_flood' => $site->aboveFlood,
        ];
    }

    /** @throws Refused when the facts contradict each other */
    public static function read(?Values $in): SiteFacts
    {
        return $in === null ? new SiteFacts : new SiteFacts(
            $in->numberOrNull('gas_meter_cfh'), $in->numberOrNull('propane_tank_gal'), $in->numberOrNull('gasoline_gal'), $in->numberOrNull('altitude_ft'),
            $in->numberOrNull('hottest_f'), $in->numberOrNull('coldest_f'), $in->numberOrNull('snow_in'), $in->flagOrNull('level'), $in->flagOrNull('above_flood'),
        );
    }
}
