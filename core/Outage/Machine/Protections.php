<?php

declare(strict_types=1);

namespace Underpin\Outage\Machine;

use Underpin\Sizing\Supply;

/** What a machine has against too much load, by how its voltage is made. */
final class Protections
{
    /**
     * @param  bool  $idles  it slows down when little is on, and was left so
     * @return list<Protection>
     */
    public static function of(Supply $supply, bool $idles): array
    {
        $run = $supply->runLimitAmps();
        $peak = $supply->surgeLimitAmps();

        return [
            ...$supply->machine->form->isInverter()
                ? [new ElectronicLimit($run, $peak, $supply->machine->stored->surgeS ?? ElectronicLimit::USUAL_S)]
                : [new Stalling($peak), new BreakerCurve($run)],
            ...$idles ? [new IdleMode($run)] : [],
        ];
    }
}
