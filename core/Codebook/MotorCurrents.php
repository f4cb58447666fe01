<?php

declare(strict_types=1);

namespace Underpin\Codebook;

use Underpin\Refused;

/** NEC 2023 Table 430.248: full-load currents of single-phase motors, amperes. */
final class MotorCurrents
{
    /** horsepower => amperes at 115 V and at 230 V */
    private const FULL_LOAD = [
        '1/6' => [4.4, 2.2],
        '1/4' => [5.8, 2.9],
        '1/3' => [7.2, 3.6],
        '1/2' => [9.8, 4.9],
        '3/4' => [13.8, 6.9],
        '1' => [16.0, 8.0],
        '1 1/2' => [20.0, 10.0],
        '2' => [24.0, 12.0],
        '3' => [34.0, 17.0],
        '5' => [56.0, 28.0],
        '7 1/2' => [80.0, 40.0],
        '10' => [100.0, 50.0],
    ];

    /** @return list<string> horsepower as a nameplate says it */
    public static function sizes(): array
    {
        return array_map(strval(...), array_keys(self::FULL_LOAD));
    }

    /**
     * @param  string  $hp  one of sizes()
     * @param  int  $volts  120 or 240, for the 115 V and the 230 V column
     *
     * @throws Refused on "hp"
     */
    public static function fullLoadAmps(string $hp, int $volts): float
    {
        $amps = self::FULL_LOAD[$hp]
            ?? throw new Refused('hp', 'hp must be one of '.implode(', ', self::sizes()).' (NEC 2023 Table 430.248).');

        return $amps[$volts === 240 ? 1 : 0];
    }

    /** "1 1/2" as a number. */
    public static function horsepower(string $hp): float
    {
        $sum = 0.0;
        foreach (explode(' ', $hp) as $part) {
            [$over, $under] = [...explode('/', $part), '1'];
            $sum += (float) $over / (float) $under;
        }

        return $sum;
    }
}
