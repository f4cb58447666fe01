<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Job\Circuit;
use Underpin\Job\Panel;

/** A point at which loads are on the utility or on the generator, never on both. */
final readonly class TransferPoint
{
    /**
     * @param  string  $title  what it is
     * @param  ?int  $amps  its rating; null: not known, or its label says
     * @param  ?Panel  $panel  that it feeds, or that its circuits come from
     * @param  list<Circuit>  $circuits  that it feeds by themselves; none where it feeds a panel
     */
    public function __construct(
        public TransferKind $kind, public string $title, public ?int $amps, public ?Panel $panel, public array $circuits = [],
    ) {
    }
}
