<?php

declare(strict_types=1);

namespace Underpin\Outage\House;

use Underpin\Dice;
use Underpin\Job\Season;
use Underpin\Job\Site;

/** How warm it is outside through an outage: coldest before dawn, warmest in the afternoon, °F. Made up from the site's extremes. */
final readonly class Weather
{
    private const USUAL = ['winter' => [15.0, 31.0], 'summer' => [68.0, 88.0]];

    /** A day of an outage is seldom the very worst: °F from the extreme. */
    private const FROM_WORST_F = 6.0;

    private const SWING_F = 16.0;

    /** Days differ by so much either way. */
    private const DAYS_DIFFER_F = 5.0;

    private const WARMEST_H = 15.0;

    /** Above that nobody heats, below it nobody cools. */
    public const COMFORT_F = 65.0;

    public float $meanF;

    private float $swingF;

    /** the extreme of the season is known here */
    public bool $isOfSite;

    /** @param  float  $startHour  hour of the day at which the outage begins */
    public function __construct(Season $season, Site $site, private float $startHour, Dice $dice)
    {
        $worst = $season === Season::Winter ? $site->coldestF : $site->hottestF;
        $this->isOfSite = $worst !== null;
        [$low, $high] = match (true) {
            $worst === null => self::USUAL[$season->value],
            $season === Season::Winter => [$worst + self::FROM_WORST_F, $worst + self::FROM_WORST_F + self::SWING_F],
            default => [$worst - self::FROM_WORST_F - self::SWING_F, $worst - self::FROM_WORST_F],
        };
        $this->meanF = ($low + $high) / 2 + $dice->between(-self::DAYS_DIFFER_F, self::DAYS_DIFFER_F);
        $this->swingF = ($high - $low) / 2;
    }

    public function clockH(float $atS): float
    {
        return fmod($this->startHour + $atS / 3600, 24.0);
    }

    public function atF(float $atS): float
    {
        return $this->meanF + $this->swingF * cos(($this->clockH($atS) - self::WARMEST_H) * M_PI / 12);
    }
}
