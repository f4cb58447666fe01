<?php

declare(strict_types=1);

namespace Underpin\Fuel;

use Underpin\Codebook\GasPipes;
use Underpin\Limit;
use Underpin\Refused;

/**
 * Which steel pipe brings enough gas over its length: D = Q^0.381 / (19.17 × (drop / (Cr × L))^0.206). NFPA 54, low pressure,
 * schedule 40.
 */
final readonly class GasPipe
{
    private const POWER_OF_FLOW = 0.381;

    private const POWER_OF_DROP = 0.206;

    private const FACTOR = 19.17;

    /** @param  array<array-key, float>  $capacitiesCfh  cubic feet an hour by nominal size */
    private function __construct(public float $loadCfh, public array $capacitiesCfh, public string $smallest)
    {
    }

    /**
     * @param  float  $lengthFt  to the farthest appliance, with fittings, over 0
     * @param  float  $dropInWc  inches of water column that may be lost, over 0
     * @param  ?float  $btuPerFt3  over 0; null: the usual figure
     *
     * @throws Refused on "load_btuh" when the largest pipe does not carry it
     */
    public static function of(
        PipedGas $gas, float $loadBtuh, float $lengthFt, float $dropInWc = GasPipes::USUAL_DROP_INWC, ?float $btuPerFt3 = null,
    ): self {
        $load = $loadBtuh / ($btuPerFt3 ?? $gas->btuPerFt3());
        $perInch = self::FACTOR * ($dropInWc / ($gas->constant() * $lengthFt)) ** self::POWER_OF_DROP;
        $capacities = array_map(
            fn (float $inches): float => ($inches * $perInch) ** (1 / self::POWER_OF_FLOW), GasPipes::DIAMETERS_IN,
        );
        foreach ($capacities as $size => $cfh) {
            if (Limit::within($load, $cfh)) {
                return new self($load, $capacities, (string) $size);
            }
        }

        throw new Refused('load_btuh', sprintf(
            'load_btuh: a 4 in pipe carries %s cubic feet an hour over this length; %s are needed.',
            number_format((float) end($capacities)),
            number_format($load),
        ));
    }

    public function capacityCfh(): float
    {
        return $this->capacitiesCfh[$this->smallest];
    }

    /** So near to the formula that a published table may not carry it. */
    public function isTight(): bool
    {
        return Limit::over($this->loadCfh, GasPipes::TIGHT * $this->capacityCfh());
    }
}
