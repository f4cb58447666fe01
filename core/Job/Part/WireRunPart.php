<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Codebook\Burial;
use Underpin\Codebook\Conduit;
use Underpin\Codebook\Material;
use Underpin\Codebook\TradeSize;
use Underpin\Form\FaultList;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Form\Values;
use Underpin\Job\Job;
use Underpin\Job\Laying;
use Underpin\Job\MeasuredLength;
use Underpin\Job\WireRun;
use Underpin\Job\WiringMethod;

/** The way from the machine to the panel. */
final class WireRunPart implements JobPart
{
    private const MOST_LENGTHS = 100;

    /** its kind, and the ids of both of its ends */
    private const LONGEST_LENGTH_ID = 200;

    public static function form(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::number('cord_ft', 'length of the cord with slack, feet')
                ->label('Cord with slack')->in(Unit::Feet)->atMost(WireRun::LONGEST_FT)->optional('not measured'),
            Field::number('run_ft', 'inlet to panel one way, feet')
                ->label('Run to the panel')->in(Unit::Feet)->atMost(WireRun::LONGEST_FT)->optional('not measured'),
            Field::numberChoice(
                'inlet_a', 'rating of the inlet, amperes', [20 => '20 A', 30 => '30 A', 50 => '50 A'],
            )->label('Inlet')->optional('as the outlet'),
            Field::enum('method', 'how the run is laid', WiringMethod::class)->label('Laid as')->default(WiringMethod::Conduit->value),
            Field::enum('material', 'cu copper, al aluminum', Material::class)->label('Conductor')->default(Material::Copper->value),
            Field::numberChoice(
                'terminal_c', 'temperature rating of the terminals, °C', [60 => '60 °C', 75 => '75 °C'],
            )->label('Terminals')->default(60),
            Field::number('ambient_c', 'hottest place along the run, °C')
                ->label('Hottest ambient')->in(Unit::Celsius)->atLeast(WireRun::COLDEST_C)->atMost(WireRun::HOTTEST_C)->default(30),
            Field::flag('wet', 'part of the run lies in a wet place')->label('Wet place on the way')->default(false),
            Field::number('slack_ft', 'added to the run for both ends, feet')
                ->label('Slack of the run')->in(Unit::Feet)->atMost(Laying::MOST_SLACK_FT)->optional('none added'),
            Field::enum('raceway', 'kind of the raceway', Conduit::class)->label('Raceway')->optional('not chosen'),
            Field::enum('trade', 'trade size of the raceway, inches', TradeSize::class)->label('Trade size')->optional('the smallest'),
            Field::number('bend_deg', 'bends between two points where it is pulled, degrees in all')
                ->label('Bends between pulls')->in(Unit::Degrees)->atMost(Laying::MOST_BEND_DEG)->optional('not counted'),
            Field::enum('buried', 'how it lies in the ground', Burial::class)->label('Buried as')->optional('not known'),
            Field::number('cover_in', 'earth over it, inches')
                ->label('Cover')->in(Unit::Inches)->atMost(Laying::MOST_COVER_IN)->optional('not measured'),
            Field::flag('under_drive', 'part of it lies under a driveway of the house')->label('Under a driveway')->optional('not known'),
            self::torque('breaker', 'generator breaker'), self::torque('neutral', 'neutral bar'), self::torque('ground', 'ground bar'),
            self::torque('inlet', 'inlet'),
            Field::items('lengths', 'what else is laid, by the id that the design gives it', self::length())->label('Other lengths')
                ->atMost(self::MOST_LENGTHS)->optional('none measured'),
        );
    }

    /** What stands on one page: each of the other lengths is noted by itself. */
    public static function withoutLengths(): Form
    {
        $names = array_map(fn (Field $field): string => $field->name, self::form()->fields());

        return self::form()->only(...array_values(array_diff($names, ['lengths'])));
    }

    public static function length(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::id()->atMost(self::LONGEST_LENGTH_ID),
            Field::number('ft', 'one way, with slack, feet')->label('Length, one way, with slack')->in(Unit::Feet)->over(0)
                ->atMost(WireRun::LONGEST_FT),
        );
    }

    private static function torque(string $key, string $of): Field
    {
        return Field::number(
            "torque_{$key}_inlb", "torque by the label of the $of, inch-pounds",
        )->label("Torque, $of")->in(Unit::InchPounds)
            ->over(0)->atMost(Laying::MOST_TORQUE_INLB)->optional('not read');
    }

    public function fields(): array
    {
        return [Field::group('wire', 'the way from the machine to the panel', self::form())->label('Wire')->optional('not measured')];
    }

    public function read(Values $in, FaultList $faults): WireRun
    {
        $wire = $in->group('wire');

        return $wire === null ? new WireRun : $faults->attempt('wire', fn (): WireRun => self::run($wire)) ?? new WireRun;
    }

    public static function run(Values $in): WireRun
    {
        return new WireRun(
            $in->numberOrNull('cord_ft'), $in->numberOrNull('run_ft'), $in->wholeOrNull('inlet_a'), WiringMethod::from($in->text('method')),
            Material::from($in->text('material')), $in->whole('terminal_c'), $in->number('ambient_c'), $in->flag('wet'), self::laying($in),
            array_map(fn (Values $each): MeasuredLength => new MeasuredLength($each->text('id'), $each->number('ft')),
                $in->itemsOrNone('lengths')),
        );
    }

    private static function laying(Values $in): Laying
    {
        return new Laying(
            $in->numberOrNull('slack_ft'), Conduit::tryFrom($in->textOrNull('raceway') ?? ''),
            TradeSize::tryFrom($in->textOrNull('trade') ?? ''),
            $in->numberOrNull('bend_deg'), Burial::tryFrom($in->textOrNull('buried') ?? ''), $in->numberOrNull('cover_in'),
            $in->flagOrNull('under_drive'),
            $in->numberOrNull('torque_breaker_inlb'), $in->numberOrNull('torque_neutral_inlb'), $in->numberOrNull('torque_ground_inlb'),
            $in->numberOrNull('torque_inlet_inlb'),
        );
    }

    public function write(Job $job): array
    {
        return ['wire' => self::writeRun($job->wire)];
    }

    /** @return array<string, mixed> */
    public static function writeRun(WireRun $wire): array
    {
        return [
            'cord_ft' => $wire->cordFt,
            'run_ft' => $wire->runFt,
            'inlet_a' => $wire->inletAmps,
            'method' => $wire->method->value,
            'material' => $wire->material->value,
            'terminal_c' => $wire->terminalC,
            'ambient_c' => $wire->ambientC,
            'wet' => $wire->wet,
        ] + self::writeLaying($wire->laying) + ['lengths' => self::writeLengths($wire)];
    }

    /** @return list<array{id: string, ft: float}> */
    public static function writeLengths(WireRun $wire): array
    {
        return array_map(fn (MeasuredLength $each): array => ['id' => $each->id, 'ft' => $each->ft], $wire->lengths);
    }

    /** @return array<string, mixed> what columns of the run do not hold */
    public static function writeLaying(Laying $laying): array
    {
        return [
            'slack_ft' => $laying->slackFt,
            'raceway' => $laying->raceway?->value,
            'trade' => $laying->trade?->value,
            'bend_deg' => $laying->bendDeg,
            'buried' => $laying->burial?->value,
            'cover_in' => $laying->coverIn,
            'under_drive' => $laying->underDrive,
            'torque_breaker_inlb' => $laying->breakerInLb,
            'torque_neutral_inlb' => $laying->neutralInLb,
            'torque_ground_inlb' => $laying->groundInLb,
            'torque_inlet_inlb' => $laying->inletInLb,
        ];
    }
}
