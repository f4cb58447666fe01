<?php

declare(strict_types=1);

namespace Underpin\Job;

/** What else than the utility can feed the house. */
enum OtherSourceKind: string
{
    case None = 'none';
    case Solar = 'solar';
    case Battery = 'battery';
    case Both = 'both';

    /** "is" or "are" after its words. */
    public function is(): string
    {
        return $this === self::Both ? 'are' : 'is';
    }

    public function words(): string
    {
        return match ($this) {
            self::None => 'neither solar nor a battery',
            self::Solar => 'solar',
            self::Battery => 'a battery',
            self::Both => 'solar and a battery',
        };
    }
}
