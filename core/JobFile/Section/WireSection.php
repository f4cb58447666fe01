<?php

declare(strict_types=1);

namespace Underpin\JobFile\Section;

use Underpin\Codebook\Material;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Wiring\WireRun;
use Underpin\Wiring\WiringMethod;

/** The way from the machine to the panel. */
final class WireSection
{
    public static function form(): Form
    {
        return new Form(
            Field::number('cord_ft', 'length of the cord with slack, feet')->atMost(WireRun::LONGEST_FT)->optional('not measured'),
            Field::number('run_ft', 'inlet to panel one way, feet')->atMost(WireRun::LONGEST_FT)->optional('not measured'),
            Field::numberChoice('inlet_a', 'rating of the inlet, amperes', WireRun::INLETS_A)->optional('as the outlet'),
            Field::enum('method', 'how the run is laid', WiringMethod::class)->default(WiringMethod::Conduit->value),
            Field::enum('material', 'cu copper, al aluminum', Material::class)->default(Material::Copper->value),
            Field::numberChoice('terminal_c', 'temperature rating of the terminals, °C', WireRun::TERMINALS_C)->default(60),
            Field::number('ambient_c', 'hottest place along the run, °C')->atLeast(WireRun::COLDEST_C)->atMost(WireRun::HOTTEST_C)->default(30),
            Field::flag('wet', 'part of the run lies in a wet place')->default(false),
        );
    }

    /** @return array<string, mixed> */
    public static function write(WireRun $wire): array
    {
        return [
            'cord_ft' => $wire->cordFt,
            'run_ft' => $wire->runFt,
            'inlet_a' => $wire->inletA,
            'method' => $wire->method->value,
            'material' => $wire->material->value,
            'terminal_c' => $wire->terminalC,
            'ambient_c' => $wire->ambientC,
            'wet' => $wire->wet,
        ];
    }

    public static function read(?Values $in): WireRun
    {
        return $in === null ? new WireRun : new WireRun(
            $in->numberOrNull('cord_ft'), $in->numberOrNull('run_ft'), $in->wholeOrNull('inlet_a'), WiringMethod::from($in->text('method')),
            Material::from($in->text('material')), $in->whole('terminal_c'), $in->number('ambient_c'), $in->flag('wet'),
        );
    }
}
