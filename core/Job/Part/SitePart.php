<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\FaultList;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Form\Values;
use Underpin\Job\Job;
use Underpin\Job\Site;

/** Fuel, ground and climate. */
final class SitePart implements JobPart
{
    public static function form(): Form
    {
        return new Form(
            Field::number('gas_meter_cfh', 'capacity of the gas meter, cubic feet an hour; 0: no gas here')
                ->label('Gas meter')->in(Unit::CubicFeetPerHour)->atMost(100_000)->optional('not known'),
            Field::number('propane_tank_gal', 'size of the propane tank, gallons; 0: none')
                ->label('Propane tank')->in(Unit::Gallons)->atMost(100_000)->optional('not known'),
            Field::number('gasoline_gal', 'gasoline that is safe to keep, gallons; 0: none')
                ->label('Gasoline kept')->in(Unit::Gallons)->atMost(10_000)->optional('not known'),
            Field::number('altitude_ft', 'altitude, feet')
                ->label('Altitude')
                ->in(Unit::Feet)
                ->atLeast(-1500)
                ->atMost(20_000)
                ->optional('not known'),
            Field::number('hottest_f', 'hottest day, °F')
                ->label('Hottest day')
                ->in(Unit::Fahrenheit)
                ->atLeast(-40)
                ->atMost(140)
                ->optional('not known'),
            Field::number('coldest_f', 'coldest day, °F')
                ->label('Coldest day')
                ->in(Unit::Fahrenheit)
                ->atLeast(-90)
                ->atMost(100)
                ->optional('not known'),
            Field::number('snow_in', 'deepest snow, inches')->label('Deepest snow')->in(Unit::Inches)->atMost(600)->optional('not known'),
            Field::flag('level', 'level ground for a machine')->label('Level ground for a machine')->optional('not looked'),
            Field::flag('above_flood', 'that place lies above the flood line')->label('Above the flood line')->optional('not known'),
        );
    }

    public function fields(): array
    {
        return [Field::group('site', 'fuel, ground and climate', self::form())->label('Fuel, ground and climate')->optional('not known')];
    }

    public function read(Values $in, FaultList $faults): Site
    {
        $site = $in->group('site');

        return $site === null ? new Site : $faults->attempt('site', fn (): Site => self::site($site)) ?? new Site;
    }

    public static function site(Values $in): Site
    {
        return new Site(
            $in->numberOrNull('gas_meter_cfh'), $in->numberOrNull('propane_tank_gal'), $in->numberOrNull('gasoline_gal'),
            $in->numberOrNull('altitude_ft'),
            $in->numberOrNull('hottest_f'), $in->numberOrNull('coldest_f'), $in->numberOrNull('snow_in'),
            $in->flagOrNull('level'), $in->flagOrNull('above_flood'),
        );
    }

    public function write(Job $job): array
    {
        return ['site' => self::writeSite($job->site)];
    }

    /** @return array<string, float|bool|null> */
    public static function writeSite(Site $site): array
    {
        return [
            'gas_meter_cfh' => $site->gasMeterCfh, 'propane_tank_gal' => $site->propaneTankGal, 'gasoline_gal' => $site->gasolineGal,
            'altitude_ft' => $site->altitudeFt, 'hottest_f' => $site->hottestF, 'coldest_f' => $site->coldestF, 'snow_in' => $site->snowIn,
            'level' => $site->level, 'above_flood' => $site->aboveFlood,
        ];
    }
}
