<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\FaultList;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Form\Values;
use Underpin\Job\FuelKept;
use Underpin\Job\GasAppliance;
use Underpin\Job\Job;

/** What is stored, what else burns, and where more is to be had. */
final class FuelKeptPart implements JobPart
{
    private const MOST_APPLIANCES = 20;

    public static function form(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::date('bought_on', 'day on which what is stored was bought')->label('Bought on')->optional('not noted'),
            Field::flag('treated', 'stabilizer was added', 'with stabilizer', 'without')->label('Stabilizer')->optional('not known'),
            Field::number('usd_per_unit', 'dollars a gallon, or for 100 cubic feet of natural gas')->label('Price of the fuel')
                ->in(Unit::Dollars)->atMost(100)->optional('not known'),
            Field::number('tank_diameter_in', 'diameter of the propane tank')->label('Tank, diameter')->in(Unit::Inches)->over(0)
                ->atMost(200)->optional('not known'),
            Field::number('tank_length_in', 'length of the propane tank')->label('Tank, length')->in(Unit::Inches)->over(0)->atMost(1_000)
                ->optional('not known'),
            Field::number('tank_fill_pct', 'how full the propane tank is kept')->label('Tank, kept at')->in(Unit::PerCent)->atLeast(10)
                ->atMost(80)->optional('not known'),
            Field::flag('buried', 'the propane tank lies in the ground', 'in the ground', 'above ground')->label('Tank lies')
                ->optional('not known'),
            Field::number('supplier_btuh', 'what the supplier says that the tank gives on the coldest day, BTU an hour')
                ->label('Supplier\'s figure, BTU/h')->atMost(100_000_000)->optional('not asked'),
            Field::items('appliances', 'what else burns the same gas', self::appliance())->label('On the same gas')
                ->atMost(self::MOST_APPLIANCES)->optional('none noted'),
            Field::number('pipe_ft', 'longest length of gas pipe, with fittings')->label('Gas pipe with fittings')->in(Unit::Feet)->over(0)
                ->atMost(2_000)->optional('as the site plan says'),
            Field::text('near', 'where the nearest filling is')->label('Filled near')->atMost(120),
            Field::text('far', 'where to fill when the near ones are dark')->label('Filled far, when near is dark')->atMost(120),
            Field::number('engine_w', 'what a small engine gives to a battery station')->label('Charged by an engine of')->in(Unit::Watts)
                ->over(0)->atMost(100_000)->optional('none'),
            Field::number('sun_w', 'what solar panels give to it in full sun')->label('Charged by panels of')->in(Unit::Watts)->over(0)
                ->atMost(100_000)->optional('none'),
            Field::number('sun_h', 'hours of full sun on a day of the season that it is for')->label('Full sun a day')->in(Unit::Hours)
                ->atMost(24)->optional('not known'),
        );
    }

    public static function appliance(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::key(Job::LONGEST_ID), Field::text('name', 'what it is called')->label('Appliance')->required()->atMost(60),
            Field::number('btuh', 'BTU an hour')->label('BTU/h')->over(0)->atMost(100_000_000),
            Field::number('at_ft', 'feet of pipe from the meter to where its branch leaves')->label('Branches off at')->in(Unit::Feet)
                ->atMost(2_000)->optional('not measured'),
            Field::number('branch_ft', 'feet of pipe from there to it, with fittings')->label('Its branch')->in(Unit::Feet)->atMost(2_000)
                ->optional('not measured'),
        );
    }

    public function fields(): array
    {
        return [Field::group('fuel_kept', 'fuel: stored, tank, gas, filling', self::form())->label('Fuel kept')->optional('nothing noted')];
    }

    public function read(Values $in, FaultList $faults): FuelKept
    {
        $kept = $in->group('fuel_kept');

        return $kept === null ? new FuelKept : $faults->attempt('fuel_kept', fn (): FuelKept => self::kept($kept)) ?? new FuelKept;
    }

    public static function kept(Values $in): FuelKept
    {
        return new FuelKept(
            $in->textOrNull('bought_on') ?? '', $in->flagOrNull('treated'), $in->numberOrNull('usd_per_unit'),
            $in->numberOrNull('tank_diameter_in'), $in->numberOrNull('tank_length_in'), $in->numberOrNull('tank_fill_pct'),
            $in->flagOrNull('buried'), $in->numberOrNull('supplier_btuh'), array_map(
                fn (Values $each): GasAppliance => new GasAppliance(
                    $each->text('id'), $each->text('name'), $each->number('btuh'), $each->numberOrNull('at_ft'),
                    $each->numberOrNull('branch_ft'),
                ),
                $in->itemsOrNone('appliances'),
            ), $in->numberOrNull('pipe_ft'), $in->textOrNull('near') ?? '', $in->textOrNull('far') ?? '',
            $in->numberOrNull('engine_w'), $in->numberOrNull('sun_w'), $in->numberOrNull('sun_h'),
        );
    }

    public function write(Job $job): array
    {
        $written = self::writeKept($job->fuelKept);

        return [
            'fuel_kept' => array_filter($written, fn (mixed $v): bool => $v !== null && $v !== '' && $v !== []) === [] ? null : $written,
        ];
    }

    /** @return array<string, mixed> */
    public static function writeKept(FuelKept $kept): array
    {
        return [
            'bought_on' => $kept->boughtOn === '' ? null : $kept->boughtOn, 'treated' => $kept->treated,
            'usd_per_unit' => $kept->usdPerUnit, 'tank_diameter_in' => $kept->tankDiameterIn, 'tank_length_in' => $kept->tankLengthIn,
            'tank_fill_pct' => $kept->tankFillPct, 'buried' => $kept->buried, 'supplier_btuh' => $kept->supplierBtuh,
            'appliances' => array_map(
                self::writeAppliance(...), $kept->appliances,
            ),
            'pipe_ft' => $kept->pipeFt, 'near' => $kept->near, 'far' => $kept->far, 'engine_w' => $kept->engineW, 'sun_w' => $kept->sunW,
            'sun_h' => $kept->sunH,
        ];
    }

    /** @return array<string, mixed> */
    public static function writeAppliance(GasAppliance $a): array
    {
        return ['id' => $a->id, 'name' => $a->name, 'btuh' => $a->btuh, 'at_ft' => $a->atFt, 'branch_ft' => $a->branchFt];
    }
}
