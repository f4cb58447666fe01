<?php

declare(strict_types=1);

namespace Underpin\Measure\Interval;

/**
 * The time zones of the United States. Daylight-saving time runs from the second Sunday in March
 * to the first Sunday in November, 2 a.m. local time (15 U.S.C. 260a, since 2007).
 */
enum Zone: string
{
    case Eastern = 'eastern';
    case Central = 'central';
    case Mountain = 'mountain';
    case Arizona = 'arizona';
    case Pacific = 'pacific';
    case Alaska = 'alaska';
    case Hawaii = 'hawaii';
    case Atlantic = 'atlantic';

    public function words(): string
    {
        return match ($this) {
            self::Arizona => 'Mountain, no daylight saving',
            self::Hawaii => 'Hawaii, no daylight saving',
            self::Atlantic => 'Atlantic, no daylight saving',
            default => ucfirst($this->value),
        };
    }

    /** Seconds that standard time is ahead of UTC: negative here. */
    public function standardS(): int
    {
        return 3600 * match ($this) {
            self::Atlantic => -4,
            self::Eastern => -5,
            self::Central => -6,
            self::Mountain, self::Arizona => -7,
            self::Pacific => -8,
            self::Alaska => -9,
            self::Hawaii => -10,
        };
    }

    public function savesDaylight(): bool
    {
        return ! in_array($this, [self::Arizona, self::Hawaii, self::Atlantic], true);
    }

    /** @return array{int, int} when daylight-saving time begins and ends in a year, seconds since 1970 UTC */
    public function daylight(int $year): array
    {
        return [
            CivilDay::sunday($year, 3, 2) * 86_400 + 7200 - $this->standardS(),
            CivilDay::sunday($year, 11, 1) * 86_400 + 3600 - $this->standardS(),
        ];
    }

    /**
     * @return array{int, int} seconds that local time is ahead of UTC at a moment, and until when that stays so
     */
    public function offsetAt(int $epoch): array
    {
        $standard = $this->standardS();
        [$year] = CivilDay::parts(intdiv($epoch + $standard, 86_400));
        $next = $this->daylight($year + 1)[0];
        if (! $this->savesDaylight()) {
            return [$standard, $next];
        }
        [$begin, $end] = $this->daylight($year);

        return match (true) {
            $epoch < $begin => [$standard, $begin],
            $epoch < $end => [$standard + 3600, $end],
            default => [$standard, $next],
        };
    }

    /** The moment at which a local day begins. */
    public function midnight(int $day): int
    {
        $guess = $day * 86_400 - $this->standardS();

        return $day * 86_400 - $this->offsetAt($guess - 3600)[0];
    }
}
