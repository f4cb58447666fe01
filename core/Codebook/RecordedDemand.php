<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** How long the recording of a load must be before a calculation may rest on it. NEC 2023 220.87. */
final class RecordedDemand
{
    /** A year of data, with a few days' grace at its ends: 220.87(1). */
    public const YEAR_DAYS = 364.0;

    /** The shorter recording that the exception accepts. */
    public const SHORT_DAYS = 30.0;

    /** Seconds: the mean that counts is that of a quarter hour. */
    public const QUARTER_HOUR_S = 900;

    /** Of the recorded peak, per cent. */
    public const PEAK_PCT = 125.0;

    /**
     * Per cent of the values that may be missing before a recording no longer stands for its time. House rule: the code says nothing of
     * gaps.
     */
    public const MOST_MISSING_PCT = 1.0;
}
