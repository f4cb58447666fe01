<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/**
 * How a load of a kind usually runs, where nobody has said: what it runs by, how long it is on and off in turn on an ordinary day, and
 * how long its start lasts; seconds. Good practice: what was said or measured of a load comes first.
 */
final readonly class UsualRunning
{
    /** @var array<string, array{RunsBy, float, float, float}> kind => what it runs by, seconds on, seconds off, seconds of a start */
    private const KINDS = [
        'lighting' => [RunsBy::Dark, 3600.0, 1800.0, 0.0],
        'outlets' => [RunsBy::People, 2400.0, 3600.0, 0.3],
        'electronics' => [RunsBy::Itself, 3600.0, 0.0, 0.0],
        'medical' => [RunsBy::Itself, 3600.0, 0.0, 0.5],
        'refrigeration' => [RunsBy::Cold, 900.0, 1500.0, 0.4],
        'pump' => [RunsBy::Water, 120.0, 2400.0, 0.7],
        'fan' => [RunsBy::Heat, 720.0, 900.0, 2.0],
        'compressor' => [RunsBy::Cold, 900.0, 1500.0, 0.8],
        'boiler' => [RunsBy::Heat, 900.0, 900.0, 0.8],
        'electric heat' => [RunsBy::Heat, 900.0, 900.0, 0.0],
        'water heating' => [RunsBy::Water, 1200.0, 5400.0, 0.0],
        'cooking' => [RunsBy::People, 600.0, 9000.0, 0.0],
        'laundry' => [RunsBy::People, 2700.0, 21_600.0, 0.5],
        'tool' => [RunsBy::People, 300.0, 14_400.0, 0.4],
        'charger' => [RunsBy::Itself, 3600.0, 0.0, 0.0],
        'other' => [RunsBy::Itself, 3600.0, 0.0, 0.0],
    ];

    private function __construct(public RunsBy $by, public float $onS, public float $offS, public float $startS)
    {
    }

    /** @param  string  $kind  value of a kind of load */
    public static function of(string $kind): self
    {
        return new self(...self::KINDS[$kind]);
    }
}
