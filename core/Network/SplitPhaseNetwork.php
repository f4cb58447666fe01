<?php

declare(strict_types=1);

namespace Underpin\Network;

/**
 * A split-phase source with what hangs on its two legs, as resistances: two halves of a winding in series, each behind its own
 * resistance, the neutral between them over another. Volts are real parts; the ones of leg B are negative against the source's neutral.
 */
final readonly class SplitPhaseNetwork
{
    /** A conductor that is open, ohms: as good as nothing goes over it. */
    public const OPEN_OHM = 1e7;

    /** Between terminals where nothing hangs, siemens: what a meter itself lets through. */
    private const METER_S = 1e-7;

    /**
     * @param  float  $legV  of each half, without load
     * @param  float  $aOhm  of the way of leg A from the winding to the panel
     * @param  float  $nOhm  of the neutral's way
     * @param  float  $aS  conductance from leg A to neutral, siemens
     * @param  float  $abS  from leg to leg
     */
    public function __construct(
        private float $legV, private float $aOhm, private float $bOhm, private float $nOhm, private float $aS, private float $bS,
        private float $abS,
    ) {
    }

    /**
     * Solved by Kirchhoff's first law at the three terminals of the panel.
     *
     * @return array{float, float, float} volts of leg A, leg B and neutral at the panel, against the neutral of the source
     */
    public function volts(): array
    {
        $a = $this->aS + self::METER_S;
        $b = $this->bS + self::METER_S;
        $ab = $this->abS + self::METER_S;
        [$ga, $gb, $gn] = [1 / $this->aOhm, 1 / $this->bOhm, 1 / $this->nOhm];

        $rows = [[$ga + $a + $ab, -$ab, -$a], [-$ab, $gb + $b + $ab, -$b], [-$a, -$b, $gn + $a + $b]];
        $fed = [$ga * $this->legV, -$gb * $this->legV, 0.0];
        [$x, $y, $z] = [array_column($rows, 0), array_column($rows, 1), array_column($rows, 2)];
        $whole = self::determinant($x, $y, $z);

        // Cramer's rule: a column at a time is what feeds the terminals.
        return [
            self::determinant($fed, $y, $z) / $whole, self::determinant($x, $fed, $z) / $whole, self::determinant($x, $y, $fed) / $whole,
        ];
    }

    /** @return array{float, float} amperes that come over leg A and leg B */
    public function amps(): array
    {
        [$a, $b] = $this->volts();

        return [($this->legV - $a) / $this->aOhm, ($this->legV + $b) / $this->bOhm];
    }

    /**
     * Of three columns.
     *
     * @param  list<float>  $x
     * @param  list<float>  $y
     * @param  list<float>  $z
     */
    private static function determinant(array $x, array $y, array $z): float
    {
        return $x[0] * ($y[1] * $z[2] - $z[1] * $y[2]) - $y[0] * ($x[1] * $z[2] - $z[1] * $x[2]) + $z[0] * ($x[1] * $y[2] - $y[1] * $x[2]);
    }
}
