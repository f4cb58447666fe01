<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule\Sheet;

use Underpin\Job\LoadKind;

/** A load on a circuit as a sheet has it; what the sheet does not say is null. */
final readonly class SheetLoad
{
    public function __construct(
        public ?string $name,
        public ?LoadKind $kind,
        public ?float $runW,
        public ?float $startW,
        public ?float $pf,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'name' => $this->name, 'kind' => $this->kind?->value, 'run_w' => $this->runW, 'start_w' => $this->startW,
            'pf' => $this->pf,
        ];
    }
}
