<?php

declare(strict_types=1);

namespace Underpin\Job\Plan;

/** A side of the site plan, and of what stands on it. */
enum PlanSide: string
{
    case Top = 'top';
    case Right = 'right';
    case Bottom = 'bottom';
    case Left = 'left';

    public function words(): string
    {
        return "the $this->value";
    }

    public function isUpright(): bool
    {
        return $this === self::Top || $this === self::Bottom;
    }
}
