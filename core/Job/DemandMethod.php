<?php

declare(strict_types=1);

namespace Underpin\Job;

/** The load calculations that the code accepts for a dwelling. */
enum DemandMethod: string
{
    case Standard = 'standard';
    case Optional = 'optional';
    case Existing = 'existing';
    case Measured = 'measured';

    /** As the edition of 2023 numbers it. */
    public function section(): string
    {
        return match ($this) {
            self::Standard => '220 Part III',
            self::Optional => '220.82',
            self::Existing => '220.83',
            self::Measured => '220.87',
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Standard => 'standard calculation',
            self::Optional => 'optional calculation',
            self::Existing => 'existing dwelling',
            self::Measured => 'recorded peak',
        };
    }
}
