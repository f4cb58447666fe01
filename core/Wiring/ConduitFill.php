<?php

declare(strict_types=1);

namespace Underpin\Wiring;

use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\Conduit;
use Underpin\Codebook\ThhnAreas;
use Underpin\Codebook\TradeSize;
use Underpin\Limit;
use Underpin\Refused;

/**
 * How far THHN or THWN-2 conductors fill a conduit. NEC 2023 Chapter 9 Tables 1, 4 and 5; Note 7 is
 * not used: the plain percentage decides.
 */
final readonly class ConduitFill
{
    /** per cent of the area by how many conductors, Table 1 */
    private const ONE_PCT = 53.0;

    private const TWO_PCT = 31.0;

    private const MORE_PCT = 40.0;

    private function __construct(
        /** square inches that the conductors take */
        public float $fillIn2,
        /** of the conduit's area, per cent */
        public float $fillPct,
        /** what Table 1 allows, per cent */
        public float $limitPct,
        /** the smallest of this conduit that holds them; null: none does */
        public ?TradeSize $smallest,
    ) {
    }

    /**
     * @param  list<array{ConductorSize, int}>  $conductors  size and how many of it, at least 1
     *
     * @throws Refused on "trade" where this conduit is not made in that size, on "conductors" when there are none
     */
    public static function of(Conduit $conduit, TradeSize $trade, array $conductors): self
    {
        $area = $conduit->areaIn2($trade)
            ?? throw new Refused('trade', "trade: {$conduit->words()} is not made in trade size $trade->value.");
        $fill = self::in2($conductors);
        $limit = self::limitPct($conductors);

        return new self($fill, 100 * $fill / $area, $limit, self::smallestFor($conduit, $conductors));
    }

    /**
     * @param  list<array{ConductorSize, int}>  $conductors
     * @return ?TradeSize null: none of this conduit holds them
     *
     * @throws Refused on "conductors" when there are none
     */
    public static function smallestFor(Conduit $conduit, array $conductors): ?TradeSize
    {
        $fill = self::in2($conductors);
        $limit = self::limitPct($conductors);
        foreach (TradeSize::cases() as $trade) {
            $area = $conduit->areaIn2($trade);
            if ($area !== null && Limit::within(100 * $fill / $area, $limit)) {
                return $trade;
            }
        }

        return null;
    }

    public function ok(): bool
    {
        return Limit::within($this->fillPct, $this->limitPct);
    }

    /** @param  list<array{ConductorSize, int}>  $conductors */
    private static function in2(array $conductors): float
    {
        return array_sum(array_map(fn (array $each): float => $each[1] * ThhnAreas::in2($each[0]), $conductors));
    }

    /** @param  list<array{ConductorSize, int}>  $conductors */
    private static function limitPct(array $conductors): float
    {
        return match (array_sum(array_column($conductors, 1))) {
            0 => throw new Refused('conductors', 'conductors: at least one is needed; none was given.'),
            1 => self::ONE_PCT,
            2 => self::TWO_PCT,
            default => self::MORE_PCT,
        };
    }
}
