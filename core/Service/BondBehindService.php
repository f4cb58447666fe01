<?php

declare(strict_types=1);

namespace Underpin\Service;

use Underpin\Job\FeederGround;

/**
 * A panel that has the service disconnect ahead of it, or may have: what its bond of neutral and ground
 * is, by the marking ahead of it, the ground of its feeder and the building. NEC 2023 250.24, 250.32(B)(1), 250.142(B).
 */
enum BondBehindService
{
    /** Neutral current runs on metal; another path for a fault is there. */
    case OneTooMany;
    /** An old feeder of three wires to another building: lawful where nothing else joins the two, and the only path for a fault. */
    case OnlyOneInBuilding;
    /** A feeder of three wires in the same building: not lawful, and still the only path for a fault. */
    case OnlyOneHere;
    case NotKnown;

    /**
     * @param  ?bool  $isBehind  the service disconnect lies ahead of it; null: not known
     * @param  ?bool  $otherBuilding  than what feeds it; null: not looked
     */
    public static function of(?bool $isBehind, ?FeederGround $ground, ?bool $otherBuilding): self
    {
        return match (true) {
            $isBehind !== true || $ground === null => self::NotKnown,
            $ground->isThere() => self::OneTooMany,
            $otherBuilding === null => self::NotKnown,
            $otherBuilding => self::OnlyOneInBuilding,
            default => self::OnlyOneHere,
        };
    }
}
