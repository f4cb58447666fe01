<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Job\Part\ServicePart;

/** A disconnect ahead of the panels, at the meter or in a metering cabinet: of the service, or only of the meter, as it is marked. */
final readonly class Disconnect
{
    /** smallest and largest switch of a service, a panel or a feeder, amperes */
    public const LEAST_A = 15;

    public const MOST_A = 1200;

    /**
     * @param  ?bool  $bonded  neutral and ground are bonded in it; null: not looked
     * @param  ?Marking  $marking  whether it is the service disconnect; null: not looked
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $amps,
        public ?bool $bonded = null,
        public ?Marking $marking = null,
    ) {
        ServicePart::disconnect()->guard(['name' => $name, 'amps' => $amps]);
    }
}
