<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Codebook\RecordedDemand;
use Underpin\Job\Part\RecordedPeakPart;
use Underpin\Limit;

/** The recorded peak as a job keeps it: what 220.87 asks for, and how far it can be relied on. NEC 2023 220.87. */
final readonly class RecordedPeak
{
    /** lengths of an interval that can be read, seconds */
    public const INTERVALS_S = [300, 600, 900, 1800, 3600];

    /**
     * @param  float  $peakW  highest quarter-hour mean: watts, or volt-amperes where the meter records those
     * @param  string  $at  local date and time
     * @param  float  $days  how long was recorded
     * @param  int  $seconds  length of an interval
     * @param  int  $missing  intervals that are not there
     * @param  bool  $sentOut  power was sent to the utility: the peak is not the load's
     */
    public function __construct(
        public float $peakW,
        public string $at,
        public float $days,
        public int $seconds,
        public int $missing,
        public bool $sentOut,
        public bool $isVa,
        public string $file,
    ) {
        RecordedPeakPart::form()->guard(['peak_w' => $peakW, 'interval_s' => $seconds]);
    }

    /** Volt-amperes at a power factor over 0 and at most 1; those that the meter recorded stay as they are. */
    public function peakVa(float $pf): float
    {
        return $this->isVa ? $this->peakW : $this->peakW / $pf;
    }

    /**
     * What must be so before the code lets it count.
     *
     * @return list<string>
     */
    public function conditions(): array
    {
        return array_values(array_filter([
            match (true) {
                $this->days >= RecordedDemand::YEAR_DAYS => '',
                $this->days >= RecordedDemand::SHORT_DAYS => sprintf(
                    '%.0f days, not a year. The 30-day rule takes a recording of the highest loaded phase, begun after the first '
                        .'15-minute peak, with the house in use and the larger of heating or cooling on or added by calculation, and '
                            .'periodic loads added. Utility data of a shorter time is not such a recording by itself: ask the authority.',
                    $this->days,
                ),
                default => sprintf('%.1f days: too short, even for the 30-day rule. Ask for a year, or record for 30 days.', $this->days),
            },
            $this->seconds > RecordedDemand::QUARTER_HOUR_S
                ? sprintf(
                    'Values of %d minutes: the highest quarter hour within one may be well above its mean.', intdiv($this->seconds, 60),
                )
                : '',
            $this->sentOut
                ? 'Power was sent out: with a solar array or peak shaving the recording does not show the load, and '
                    .'the 30-day rule is not allowed.'
                : '',
            match (true) {
                $this->missing === 0 => '',
                $this->isFullOfGaps() => sprintf(
                    '%s values are missing, more than %g %% of them: the true peak may lie in a gap, so this '
                        .'is no record of the whole time.',
                    number_format($this->missing), RecordedDemand::MOST_MISSING_PCT,
                ),
                default => sprintf('%s values are missing: the true peak may lie in a gap.', number_format($this->missing)),
            },
        ]));
    }

    /** Long enough and plain enough that the code takes it as it is. */
    public function counts(): bool
    {
        return $this->days >= RecordedDemand::YEAR_DAYS
            && ! $this->sentOut
            && $this->seconds <= RecordedDemand::QUARTER_HOUR_S
            && ! $this->isFullOfGaps();
    }

    private function isFullOfGaps(): bool
    {
        return Limit::over($this->missing * $this->seconds, $this->days * 86_400 * RecordedDemand::MOST_MISSING_PCT / 100);
    }
}
