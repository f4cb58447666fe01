<?php

declare(strict_types=1);

namespace Underpin\Outage\House;

use Underpin\Codebook\RunsBy;
use Underpin\Codebook\UsualRunning;
use Underpin\Dice;
use Underpin\Job\Duty;
use Underpin\Job\Load;
use Underpin\Job\Season;

/** How each load of a house runs in an outage: as it was said, else as its kind usually does. */
final readonly class Patterns
{
    public function __construct(private Season $season, private Home $home, private Weather $weather, private int $seed)
    {
    }

    public function of(Load $load): Pattern
    {
        $pattern = $this->whole($load);

        return $load->partOfDay === null ? $pattern : new InPartOfDay($load->partOfDay, $pattern, $this->weather);
    }

    private function whole(Load $load): Pattern
    {
        $usual = UsualRunning::of($load->kind->value);
        $dice = Dice::named($this->seed, $load->id);
        $on = $load->onS ?? $usual->onS;
        $off = $load->offS ?? $usual->offS;

        return match (self::runsBy($load, $usual)) {
            RunsBy::Itself => new AllTheTime,
            RunsBy::Heat => new Thermostat($on, $off, RunsBy::Heat, $this->weather, $dice),
            RunsBy::Cold => new Thermostat($on, $off, RunsBy::Cold, $this->weather, $dice),
            RunsBy::Water => new WaterDrawn($on, $off, $this->home, $this->weather, $dice),
            RunsBy::Dark => new Lamps($this->season, $this->home, $this->weather, $dice),
            RunsBy::People => new UsedByPeople($on, $off, $this->home, $this->weather, $dice),
        };
    }

    private static function runsBy(Load $load, UsualRunning $usual): RunsBy
    {
        return match ($load->duty) {
            Duty::Continuous => RunsBy::Itself,
            Duty::ByHand => RunsBy::People,
            Duty::Cycling => in_array($usual->by, [RunsBy::Heat, RunsBy::Cold, RunsBy::Water], true) ? $usual->by : RunsBy::Cold,
            null => $usual->by,
        };
    }
}
