<?php

declare(strict_types=1);

namespace Underpin\Fuel;

use Underpin\Job\GasAppliance;
use Underpin\Refused;

/**
 * The gas pipe to the machine with the branches of what else burns, each section by the load that it carries and all by the longest
 * length from the meter, or the last regulator, to anything. NFPA 54, longest length method.
 */
final readonly class GasTree
{
    /**
     * @param  list<PipeSection>  $sections  from the meter to the machine, then each branch
     * @param  list<string>  $missing  whose branches are not measured: they are counted in every section
     */
    private function __construct(public array $sections, public float $longestFt, public array $missing)
    {
    }

    /**
     * @param  float  $machineBtuh  at full load
     * @param  float  $pipeFt  from the meter to the machine, with fittings, over 0
     * @param  list<GasAppliance>  $appliances
     */
    public static function of(PipedGas $gas, float $machineBtuh, float $pipeFt, array $appliances): self
    {
        $measured = array_filter($appliances, fn (GasAppliance $a): bool => $a->atFt !== null && $a->branchFt !== null);
        $others = array_values(array_filter($appliances, fn (GasAppliance $a): bool => ! in_array($a, $measured, true)));
        usort($measured, fn (GasAppliance $a, GasAppliance $b): int => self::at($a, $pipeFt) <=> self::at($b, $pipeFt));
        $longest = max([$pipeFt, ...array_map(fn (GasAppliance $a): float => self::at($a, $pipeFt) + ($a->branchFt ?? 0.0), $measured)]);
        $unmeasured = array_sum(array_map(fn (GasAppliance $a): float => $a->btuh, $others));
        $section = fn (string $words, float $ft, float $btuh): PipeSection => new PipeSection(
            $words, $ft, $btuh, self::pipe($gas, $btuh, $longest),
        );
        $sections = [];
        $from = 0.0;
        $name = $gas->begins();
        $left = $machineBtuh + $unmeasured + array_sum(array_map(fn (GasAppliance $a): float => $a->btuh, $measured));
        foreach ($measured as $appliance) {
            $at = self::at($appliance, $pipeFt);
            if ($at > $from) {
                $sections[] = $section("from $name to the branch of $appliance->name", $at - $from, $left);
            }
            [$from, $name] = [$at, "the branch of $appliance->name"];
            $left -= $appliance->btuh;
        }
        if ($pipeFt > $from) {
            $sections[] = $section("from $name to the machine", $pipeFt - $from, $left);
        }
        foreach ($measured as $appliance) {
            $sections[] = $section("branch to $appliance->name", $appliance->branchFt ?? 0.0, $appliance->btuh);
        }

        return new self($sections, $longest, array_map(fn (GasAppliance $a): string => $a->name, $others));
    }

    /** Where a branch leaves; none leaves behind the machine. */
    private static function at(GasAppliance $appliance, float $pipeFt): float
    {
        return min($appliance->atFt ?? 0.0, $pipeFt);
    }

    private static function pipe(PipedGas $gas, float $btuh, float $longestFt): ?GasPipe
    {
        try {
            return GasPipe::of($gas, $btuh, $longestFt);
        } catch (Refused) {
            return null;
        }
    }
}
