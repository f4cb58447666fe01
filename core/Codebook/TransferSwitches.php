<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** Transfer switches as they are made and listed (UL 1008). The label of the one bought comes first. Good practice. */
final class TransferSwitches
{
    /** Manual whole-house and automatic switches, amperes. */
    public const WHOLE_HOUSE_A = [100, 150, 200, 400];

    /** The largest service with one service-entrance switch, amperes; above it several switches share the load. */
    public const MOST_SERVICE_A = 400;

    /** Meter-socket adapters, amperes of the meter socket. */
    public const METER_ADAPTER_A = 200;

    /** The largest inlet of a meter-socket adapter, amperes. */
    public const METER_ADAPTER_INLET_A = 50;

    /** Spaces of the largest transfer panel. */
    public const TRANSFER_PANEL_SPACES = 42;

    /** Bus of a transfer panel that is a sub-panel, amperes, and its spaces for circuits. */
    public const SUBPANEL_A = 100;

    public const SUBPANEL_PLACES = 16;

    /** A transfer switch for one load: 120 V, amperes. */
    public const SINGLE_A = 20;

    /** The smallest that carries so much; null: none is made. */
    public static function wholeHouse(int $amps): ?int
    {
        foreach (self::WHOLE_HOUSE_A as $made) {
            if ($amps <= $made) {
                return $made;
            }
        }

        return null;
    }
}
