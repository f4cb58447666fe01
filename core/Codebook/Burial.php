<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** How a run lies in the ground, and the least cover over it, inches. NEC 2023 Table 300.5(A). */
enum Burial: string
{
    case None = 'none';
    case Cable = 'cable';
    case Pvc = 'pvc';
    case Rigid = 'rigid';

    /** least cover under a driveway of a one- or two-family dwelling */
    private const UNDER_DRIVE_IN = 18.0;

    public function words(): string
    {
        return match ($this) {
            self::None => 'not buried',
            self::Cable => 'cable for direct burial',
            self::Pvc => 'PVC conduit',
            self::Rigid => 'rigid metal conduit',
        };
    }

    /** Null: nothing lies in the ground. Streets and parking lots take 24 inches: that is not asked here. */
    public function leastIn(bool $underDrive): ?float
    {
        return match ($this) {
            self::None => null,
            self::Cable => $underDrive ? self::UNDER_DRIVE_IN : 24.0,
            self::Pvc => self::UNDER_DRIVE_IN,
            self::Rigid => $underDrive ? self::UNDER_DRIVE_IN : 6.0,
        };
    }
}
