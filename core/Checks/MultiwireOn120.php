<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\Source;
use Underpin\Connection\ConnectionKind;
use Underpin\Stage;

/** One hot wire on both legs, and a neutral that two circuits share. */
final class MultiwireOn120 implements Check
{
    public function findings(Facts $facts): iterable
    {
        $job = $facts->job;
        $bothLegs = in_array($job->connection, [ConnectionKind::Interlock, ConnectionKind::ManualSwitch], true);
        if ($bothLegs && $job->supply?->feedsBothLegs() === false && $job->panel()?->hasMultiwire === true) {
            yield new Finding(
                'MWBC_120', Severity::Danger, Stage::Connect,
                'A 120 V machine would feed multiwire circuits.',
                'The shared neutral would carry the sum of both legs, with no breaker to stop it: it can burn in the wall.',
                'Use a 120/240 V machine, or do not feed both legs.',
                Source::nec('210.4'),
            );
        }
    }
}
