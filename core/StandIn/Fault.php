<?php

declare(strict_types=1);

namespace Underpin\StandIn;

/** What can be made wrong on a machine that stands in for a real one. */
enum Fault: string
{
    case LowGas = 'low-gas';
    case WeakBattery = 'weak-battery';
    case SwappedNeutral = 'swapped-neutral';
    case FloatingNeutral = 'floating-neutral';
    case OneLegDead = 'one-leg-dead';
    case SlowTransfer = 'slow-transfer';
    case WrongHertz = 'wrong-hertz';
    case LooseTerminal = 'loose-terminal';

    public function words(): string
    {
        return match ($this) {
            self::LowGas => 'the gas pressure falls under load',
            self::WeakBattery => 'the starting battery is weak',
            self::SwappedNeutral => 'leg A and the neutral are swapped at the inlet',
            self::FloatingNeutral => 'the neutral is open',
            self::OneLegDead => 'leg B is open',
            self::SlowTransfer => 'the transfer is slow',
            self::WrongHertz => 'the governor is set wrong',
            self::LooseTerminal => 'a terminal of leg A is loose',
        };
    }
}
