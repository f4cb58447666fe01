<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;
use Underpin\Sizing\FaultCurrent;

/** More current in a fault than the switch withstands, or than the breakers interrupt, from either source. */
final class FaultOverWithstand implements Check
{
    public function findings(Design $design): iterable
    {
        $connection = $design->job->connection;
        $machine = $design->supply()?->machine;
        $sources = [
            'the utility' => $connection->utilityFaultAmps,
            'the generator' => $machine === null ? null : FaultCurrent::of($machine)->amps,
        ];
        foreach (array_filter($sources, fn (int|float|null $amps): bool => $amps !== null) as $source => $amps) {
            if ($connection->withstandAmps !== null && $amps > $connection->withstandAmps) {
                yield $this->over(
                    Code::FaultOverWithstand, $amps, $source, "the switch withstands {$this->figure($connection->withstandAmps)} A",
                    'It bursts before a breaker opens, with whoever stands in front of it.',
                    'Take a switch with a higher rating, or the breaker ahead that its label names for one.',
                );
            }
            if ($connection->interruptAmps !== null && $amps > $connection->interruptAmps) {
                yield $this->over(
                    Code::FaultOverBreakers, $amps, $source, "the breakers interrupt {$this->figure($connection->interruptAmps)} A",
                    'A breaker that cannot interrupt it bursts, with whoever stands in front of it.',
                    'Take breakers with a higher rating, or a series of breakers that the label of the panel lists for as much (240.86).',
                );
            }
        }
    }

    private function over(Code $code, float $amps, string $source, string $least, string $why, string $remedy): Finding
    {
        return new Finding(
            $code, "A fault can draw {$this->figure($amps)} A from $source; $least.",
            $why, $remedy,
        );
    }

    private function figure(float $amps): string
    {
        return number_format($amps);
    }
}
