<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;

/** Louder at night than the authority takes. */
final class NoiseOver implements Check
{
    public function findings(Design $design): iterable
    {
        foreach ($design->place()?->noise() ?? [] as $row) {
            if ($row->isOver()) {
                yield new Finding(
                    Code::NoiseOver,
                    sprintf('%s: %s dB(A), and %s are taken by night.', ucfirst($row->what), number_format($row->db), number_format(
                        $row->mostDb ?? 0.0,
                    )),
                    'In the open, without walls or fences, at full load'.($design->place()?->isStandby() === true
                        ? '. A storm is seldom the only night that it runs: it exercises every week.' : '.'),
                    'Farther away, a wall between, or a quieter machine; the exercise of a standby on a weekday at noon.',
                );

                return;
            }
        }
    }
}
