<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** Conduits with their inner areas. NEC 2023 Chapter 9 Table 4, the column of 100 %. */
enum Conduit: string
{
    case Emt = 'EMT';
    case Pvc40 = 'PVC40';
    case LfncB = 'LFNC-B';

    /** square inches by trade size */
    private const AREAS = [
        'EMT' => [
            '1/2' => 0.304, '3/4' => 0.533, '1' => 0.864, '1-1/4' => 1.496, '1-1/2' => 2.036, '2' => 3.356, '2-1/2' => 5.858, '3' => 8.846,
        ],
        'PVC40' => [
            '1/2' => 0.285, '3/4' => 0.508, '1' => 0.832, '1-1/4' => 1.453, '1-1/2' => 1.986, '2' => 3.291, '2-1/2' => 4.695, '3' => 7.268,
        ],
        'LFNC-B' => ['1/2' => 0.314, '3/4' => 0.541, '1' => 0.873, '1-1/4' => 1.528, '1-1/2' => 1.981, '2' => 3.246],
    ];

    /** Square inches inside; null: it is not made in that size. */
    public function areaIn2(TradeSize $trade): ?float
    {
        return self::AREAS[$this->value][$trade->value] ?? null;
    }

    /** It comes on a roll, not in straight lengths. */
    public function isFlexible(): bool
    {
        return $this === self::LfncB;
    }

    public function words(): string
    {
        return match ($this) {
            self::Emt => 'EMT',
            self::Pvc40 => 'PVC schedule 40',
            self::LfncB => 'liquidtight flexible nonmetallic conduit (LFNC-B)',
        };
    }
}
