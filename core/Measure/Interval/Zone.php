<?php

declare(strict_types=1);

namespace Underpin\Measure\Interval;

use DateTimeZone;
use LogicException;

/** The time zones of the United States. */
enum Zone: string
{
    /** Noon UTC on 15 January 2024: standard time everywhere here. */
    private const A_WINTER = 1_705_320_000;

    private const YEAR_S = 31_536_000;

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
        foreach ($this->tables()->getTransitions(self::A_WINTER, self::A_WINTER) ?: [] as $winter) {
            return $winter['offset'];
        }
        throw new LogicException("PHP knows no time zone for $this->value.");
    }

    /**
     * @return array{int, int} seconds that local time is ahead of UTC at a moment, and until when at least that stays so
     */
    public function offsetAt(int $epoch): array
    {
        $until = $epoch + self::YEAR_S;
        $steps = $this->tables()->getTransitions($epoch, $until) ?: throw new LogicException("PHP knows no time zone for $this->value.");

        return [$steps[0]['offset'], $steps[1]['ts'] ?? $until];
    }

    /** The moment at which a local day begins. */
    public function midnight(int $day): int
    {
        $guess = $day * 86_400 - $this->standardS();

        return $day * 86_400 - $this->offsetAt($guess - 3600)[0];
    }

    /** PHP's own tables: when clocks change is a matter of law, and laws change. */
    private function tables(): DateTimeZone
    {
        /** @var array<string, DateTimeZone> $known */
        static $known = [];

        return $known[$this->value] ??= new DateTimeZone(match ($this) {
            self::Atlantic => 'America/Puerto_Rico',
            self::Eastern => 'America/New_York',
            self::Central => 'America/Chicago',
            self::Mountain => 'America/Denver',
            self::Arizona => 'America/Phoenix',
            self::Pacific => 'America/Los_Angeles',
            self::Alaska => 'America/Anchorage',
            self::Hawaii => 'Pacific/Honolulu',
        });
    }
}
