<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Job\Job;
use Underpin\Job\Panel;
use Underpin\Loads\Plan;
use Underpin\Service\Distribution;
use Underpin\Service\Moves\PanelMoves;
use Underpin\Service\Multiwire;
use Underpin\Sizing\Supply;

/** What a way of connecting is judged on: the job as it is sized, and what has been worked out of it. */
final class Situation
{
    /** @var array<string, PanelMoves> by id of the panel with a blank before it */
    private array $moves = [];

    /** @param  ?Supply  $supply  null: no machine is picked */
    public function __construct(
        public readonly Job $job, public readonly Plan $plan, public readonly Distribution $distribution, public readonly ?Supply $supply,
    ) {
    }

    /** How the spaces of an interlock become free in a panel; worked out once, since several ways ask for it. */
    public function moves(Panel $panel): PanelMoves
    {
        return $this->moves[" $panel->id"] ??= PanelMoves::of($panel, new Multiwire($this->job->service->panels));
    }
}
