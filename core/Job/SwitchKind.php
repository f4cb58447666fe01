<?php

declare(strict_types=1);

namespace Underpin\Job;

/** How circuits come to a multi-circuit switch: this decides what becomes of their neutrals. NEC 2023 300.3(B), 200.4. */
enum SwitchKind: string
{
    case Pigtails = 'pigtails';
    case Cables = 'cables';

    public function words(): string
    {
        return match ($this) {
            self::Pigtails => 'hots spliced to pigtails in the panel, branch neutrals stay there',
            self::Cables => 'whole cables moved over, branch neutrals along with them',
        };
    }

    public function movesNeutrals(): bool
    {
        return $this === self::Cables;
    }
}
