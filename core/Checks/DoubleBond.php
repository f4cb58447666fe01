<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\Source;
use Underpin\Connection\ConnectionKind;
use Underpin\Sizing\Bond;
use Underpin\Stage;

/** A generator that bonds its neutral, on a connection that does not switch the neutral. */
final class DoubleBond implements Check
{
    /** Neither an interlock nor a multi-circuit manual switch breaks the neutral. */
    private const NEUTRAL_STAYS = [ConnectionKind::Interlock, ConnectionKind::ManualSwitch];

    public function findings(Facts $facts): iterable
    {
        $machine = $facts->job->supply?->machine;
        if ($machine?->bond !== Bond::Bonded || ! in_array($facts->job->connection, self::NEUTRAL_STAYS, true)) {
            return;
        }
        yield new Finding(
            'DOUBLE_BOND', Severity::Wrong, Stage::Connect,
            "$machine->name bonds its neutral, and so does the service.",
            'With two bonds, neutral current flows in the ground wire and on every metal case.',
            'Pick a machine with a floating neutral, or a switch that breaks the neutral. Its bond is changed only as its instructions allow, '
            .'with the engine off, once it is known that the service has its bond and this switch leaves the neutral whole; then it is marked.',
            Source::nec('250.24, 250.30, 250.34'),
        );
        if ($machine->gfci) {
            yield new Finding(
                'BONDED_GFCI_TRIP', Severity::Wrong, Stage::Connect,
                "The ground-fault outlet of $machine->name will trip on the house's own bond.",
                'Part of the neutral current returns over the ground wire, which is what the outlet trips on: no power when it is needed.',
                'A switch that breaks the neutral, or a machine with a floating neutral.',
                Source::nec('250.30, 445.20'),
            );
        }
    }
}
