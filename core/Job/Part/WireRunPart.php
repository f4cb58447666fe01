<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Codebook\Material;
use Underpin\Form\FaultList;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Form\Values;
use Underpin\Job\Job;
use Underpin\Job\WireRun;
use Underpin\Job\WiringMethod;

/** The way from the machine to the panel. */
final class WireRunPart implements JobPart
{
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
        );
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
            Material::from($in->text('material')), $in->whole('terminal_c'), $in->number('ambient_c'), $in->flag('wet'),
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
        ];
    }
}
