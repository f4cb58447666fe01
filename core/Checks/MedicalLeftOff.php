<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Job\Role;

/** Somebody hangs on it, and it is not among what must run. */
final class MedicalLeftOff implements Check
{
    public function findings(Design $design): iterable
    {
        foreach ($design->job->circuits() as $circuit) {
            $medical = array_values(array_filter($circuit->loads, fn (Load $load): bool => $load->kind === LoadKind::Medical));
            if ($medical === [] || $circuit->role === Role::Must) {
                continue;
            }
            yield new Finding(
                Code::MedicalLeftOff,
                "{$circuit->title()} feeds {$medical[0]->name}, which is medical, and is not marked as must run.",
                'In an outage it would stand still, or wait for room that never comes.',
                'Mark it as must run, or move that load to a circuit that is. Ask who depends on it, for how long it can stand still, '
                .'and what bridges the minutes until the generator runs: a battery, a cylinder.',
                $circuit->id,
            );
        }
    }
}
