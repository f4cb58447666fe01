<?php

declare(strict_types=1);

namespace Underpin\Outage\House;

use Underpin\Job\PartOfDay;

/** A load that is used in one part of the day only. */
final readonly class InPartOfDay implements Pattern
{
    /** hours from and to */
    private const PARTS = ['morning' => [5.0, 10.0], 'day' => [10.0, 17.0], 'evening' => [17.0, 22.0], 'night' => [22.0, 5.0]];

    /** Hours that a sum of hours and seconds may miss a full hour by. */
    private const SAME_H = 1e-6;

    public function __construct(private PartOfDay $part, private Pattern $within, private Weather $weather)
    {
    }

    public function onS(float $atS): float
    {
        return min($this->within->onS($atS), $this->leftS($atS));
    }

    public function offS(float $atS): float
    {
        $off = $this->within->offS($atS);
        $then = is_finite($off) ? $atS + $off : $atS;

        return $off + ($this->leftS($then) > 0 ? 0.0 : $this->untilS($then));
    }

    public function backS(float $atS, float $deadS): float
    {
        return $this->leftS($atS) > 0 ? $this->within->backS($atS, $deadS) : $this->offS($atS);
    }

    /** Seconds of its part of the day that are left then; 0: it is another part. */
    private function leftS(float $atS): float
    {
        [$from, $to] = self::PARTS[$this->part->value];
        $length = fmod($to - $from + 24, 24);
        $in = fmod($this->weather->clockH($atS) - $from + 24 + self::SAME_H, 24);

        return $in < $length ? ($length - $in) * 3600 : 0.0;
    }

    private function untilS(float $atS): float
    {
        [$from] = self::PARTS[$this->part->value];

        return fmod($from - $this->weather->clockH($atS) + 24, 24) * 3600;
    }
}
