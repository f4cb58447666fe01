<?php

declare(strict_types=1);

namespace Underpin\Job;

/** Solar or a battery of the house, where it is connected, and what becomes of it while the generator runs. */
final readonly class OtherSource
{
    /**
     * @param  string  $at  id of the panel that it feeds into; empty: not looked
     * @param  string  $disconnect  where it is switched off, as it is marked; empty: not looked
     * @param  ?OtherSourceRun  $run  null: not decided
     */
    public function __construct(
        public OtherSourceKind $kind,
        public string $at = '',
        public string $disconnect = '',
        public ?OtherSourceRun $run = null,
    ) {
    }

    public function isThere(): bool
    {
        return $this->kind !== OtherSourceKind::None;
    }
}
