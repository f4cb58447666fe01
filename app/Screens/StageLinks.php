<?php

declare(strict_types=1);

namespace App\Screens;

use Underpin\StageKey;

/** Addresses of the stages of one job. A page with hundreds of circuits asks for hundreds: the route is worked out once. */
final readonly class StageLinks
{
    private const HOLE = '-stage-';

    /** @var array{string, string} what stands before and after the stage's key */
    private array $around;

    public function __construct(int $job)
    {
        [$before, $after] = explode(self::HOLE, route('jobs.stage', [$job, self::HOLE]), 2);
        $this->around = [$before, $after];
    }

    /** @param  array<string, string|int|null>  $at  where on the page: "at", or "panel" and "space" */
    public function to(StageKey $stage, array $at = []): string
    {
        return $this->around[0].$stage->value.$this->around[1].($at === [] ? '' : '?'.http_build_query($at));
    }
}
