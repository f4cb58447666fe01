<?php

declare(strict_types=1);

namespace Underpin\Wiring;

use Underpin\Codebook\Material;
use Underpin\Refused;

/** What the electrician knows of the way from the machine to the panel. Null: not measured yet. */
final readonly class WireRun
{
    public const LONGEST_FT = 2000.0;

    public const INLETS_A = [20, 30, 50];

    /** NEC 2023 110.14(C)(1) */
    public const TERMINALS_C = [60, 75];

    public const COLDEST_C = -60.0;

    public const HOTTEST_C = 70.0;

    /**
     * @param  ?float  $cordFt  from the machine's safe spot to the inlet, with slack
     * @param  ?float  $runFt  from the inlet (or the standby machine) to the panel, one way
     * @param  ?int  $inletA  20, 30 or 50; null: as the machine's outlet
     * @param  bool  $wet  any part of the run lies in a wet place
     */
    public function __construct(
        public ?float $cordFt = null,
        public ?float $runFt = null,
        public ?int $inletA = null,
        public WiringMethod $method = WiringMethod::Conduit,
        public Material $material = Material::Copper,
        public int $terminalC = 60,
        public float $ambientC = 30.0,
        public bool $wet = false,
    ) {
        foreach (['cord_ft' => $cordFt, 'run_ft' => $runFt] as $field => $feet) {
            if ($feet !== null && ($feet < 0 || $feet > self::LONGEST_FT)) {
                throw new Refused($field, sprintf('%s must be from 0 to %s ft.', $field, number_format(self::LONGEST_FT)));
            }
        }
        if ($inletA !== null && ! in_array($inletA, self::INLETS_A, true)) {
            throw new Refused('inlet_a', 'inlet_a must be one of '.implode(', ', self::INLETS_A).'.');
        }
        if (! in_array($terminalC, self::TERMINALS_C, true)) {
            throw new Refused('terminal_c', 'terminal_c must be one of '.implode(', ', self::TERMINALS_C).'.');
        }
        if ($ambientC < self::COLDEST_C || $ambientC > self::HOTTEST_C) {
            throw new Refused('ambient_c', sprintf('ambient_c must be from %d to %d °C.', self::COLDEST_C, self::HOTTEST_C));
        }
    }
}
