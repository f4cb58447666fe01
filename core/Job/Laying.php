<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Codebook\Burial;
use Underpin\Codebook\Conduit;
use Underpin\Codebook\TradeSize;
use Underpin\Job\Part\WireRunPart;

/** How the run is laid and ended, as far as it is decided or was read from a label. Null: not yet. */
final readonly class Laying
{
    public const MOST_SLACK_FT = 100.0;

    public const MOST_BEND_DEG = 1080.0;

    public const MOST_COVER_IN = 120.0;

    public const MOST_TORQUE_INLB = 1000.0;

    /**
     * @param  ?float  $slackFt  added to the run for both of its ends, feet
     * @param  ?Conduit  $raceway  null: not chosen
     * @param  ?TradeSize  $trade  null: the smallest that holds the conductors
     * @param  ?float  $bendDeg  in all between two points where it is pulled, degrees
     * @param  ?float  $coverIn  earth over it, inches
     * @param  ?bool  $underDrive  part of it lies under a driveway of the house
     * @param  ?float  $breakerInLb  torque by the label of the breaker, inch-pounds
     * @param  ?float  $neutralInLb  of the neutral bar
     * @param  ?float  $groundInLb  of the ground bar
     * @param  ?float  $inletInLb  of the inlet
     */
    public function __construct(
        public ?float $slackFt = null,
        public ?Conduit $raceway = null,
        public ?TradeSize $trade = null,
        public ?float $bendDeg = null,
        public ?Burial $burial = null,
        public ?float $coverIn = null,
        public ?bool $underDrive = null,
        public ?float $breakerInLb = null,
        public ?float $neutralInLb = null,
        public ?float $groundInLb = null,
        public ?float $inletInLb = null,
    ) {
        WireRunPart::form()->guard([
            'slack_ft' => $slackFt, 'bend_deg' => $bendDeg, 'cover_in' => $coverIn, 'torque_breaker_inlb' => $breakerInLb,
            'torque_neutral_inlb' => $neutralInLb, 'torque_ground_inlb' => $groundInLb, 'torque_inlet_inlb' => $inletInLb,
        ]);
    }

    public function isBuried(): bool
    {
        return $this->burial !== null && $this->burial !== Burial::None;
    }
}
