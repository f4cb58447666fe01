<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use JsonException;
use Underpin\Refused;

/** All calculators by name, and the run of one over JSON text. */
final class Calculators
{
    /** @return list<Calculator> */
    public static function all(): array
    {
        return [
            new LegsCalculator,
            new MotorStartCalculator,
            new VoltageDipCalculator,
            new DerateCalculator,
            new DemandCalculator,
            new BestSetCalculator,
            new StartOrderCalculator,
            new AssignLegsCalculator,
            new InterlockMovesCalculator,
            new AmpacityCalculator,
            new VoltageDropCalculator,
            new ConduitFillCalculator,
            new GasPipeCalculator,
            new RunTimeCalculator,
            new TankVapourCalculator,
            new NoiseCalculator,
            new PlacementCalculator,
            new ServiceDueCalculator,
            new SimulateCalculator,
            new TurnsCalculator,
            new CheckDesignCalculator,
        ];
    }

    /** @throws Refused with field "" when there is none of that name */
    public static function named(string $name): Calculator
    {
        foreach (self::all() as $calculator) {
            if ($calculator->name() === $name) {
                return $calculator;
            }
        }

        throw new Refused(
            '',
            "There is no calculator named \"$name\". Known: ".implode(
                ', ', array_map(fn (Calculator $c): string => $c->name(), self::all()),
            ).'.',
        );
    }

    /**
     * @param  string  $json  one object, or an array of objects
     */
    public static function run(Calculator $calculator, string $json): Run
    {
        try {
            $input = json_decode($json, false, 512, JSON_THROW_ON_ERROR);
        } catch (JsonException $fault) {
            return Run::refused(new Refused('', 'The input is not JSON: '.$fault->getMessage().'.'));
        }
        if (! is_array($input)) {
            [$result, $refused] = self::one($calculator, $input);

            return new Run($result, $refused);
        }
        $results = [];
        $anyRefused = false;
        foreach ($input as $case) {
            [$results[], $refused] = self::one($calculator, $case);
            $anyRefused = $anyRefused || $refused;
        }

        return new Run($results, $anyRefused);
    }

    /** @return array{array<string, mixed>, bool} the result, and whether the case was refused */
    private static function one(Calculator $calculator, mixed $case): array
    {
        try {
            return [$calculator->compute($calculator->form()->read($case)), false];
        } catch (Refused $refused) {
            return [Run::error($refused), true];
        }
    }
}
