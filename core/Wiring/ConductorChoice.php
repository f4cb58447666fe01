<?php

declare(strict_types=1);

namespace Underpin\Wiring;

use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\ConductorTable;
use Underpin\Job\WireRun;
use Underpin\Limit;
use Underpin\Refused;

/** The smallest conductor for a run: by ampacity, and then as much larger as the drop asks for. */
final readonly class ConductorChoice
{
    private function __construct(public ConductorSize $size, public Ampacity $ampacity, public ?ConductorSize $forDrop)
    {
    }

    /**
     * @param  float  $needAmps  what the overcurrent device ahead of it is rated, amperes
     * @param  float  $spareDropV  volts that this run may lose so that the whole way stays within 3 %
     *
     * @throws Refused when no conductor up to 500 kcmil carries it
     */
    public static function smallest(WireRun $run, float $needAmps, float $loadAmps, float $volts, float $spareDropV): self
    {
        foreach (ConductorSize::cases() as $size) {
            if (! ConductorTable::has($run->material, $size)) {
                continue;
            }
            $ampacity = self::ampacity($run, $size);
            if (Limit::within($needAmps, $ampacity->usableAmps) && $needAmps <= $ampacity->maxBreakerAmps) {
                return new self($size, $ampacity, self::forDrop($run, $size, $loadAmps, $volts, $spareDropV));
            }
        }

        throw new Refused(
            'ambient_c',
            sprintf(
                'No %s conductor up to 500 kcmil carries %d A at %s °C ambient with %d °C terminals.', $run->material->words(), $needAmps,
                $run->ambientC, $run->terminalC,
            ),
        );
    }

    private static function ampacity(WireRun $run, ConductorSize $size): Ampacity
    {
        return Ampacity::of($run->material, $size, $run->method->insulationC(), $run->terminalC, $run->ambientC);
    }

    /** A larger size, where the one chosen by ampacity loses too much; null where it does not or none helps. */
    private static function forDrop(WireRun $run, ConductorSize $chosen, float $loadAmps, float $volts, float $spareDropV): ?ConductorSize
    {
        $reached = false;
        foreach (ConductorSize::cases() as $size) {
            $reached = $reached || $size === $chosen;
            if (! $reached) {
                continue;
            }
            $drop = VoltageDrop::along($run->material, $size, $run->lengthFt() ?? 0.0, $loadAmps, $volts)->dropV;
            if (Limit::within($drop, $spareDropV)) {
                return $size === $chosen ? null : $size;
            }
        }

        return null;
    }
}
