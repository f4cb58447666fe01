<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\Source;
use Underpin\Limit;
use Underpin\Say;
use Underpin\Stage;

/** A leg over the machine's running limit. */
final class OverRun implements Check
{
    public function findings(Facts $facts): iterable
    {
        $fit = $facts->fit;
        if ($fit !== null && Limit::over($fit->running->worstAmps(), $fit->supply->runLimitA())) {
            yield new Finding(
                'OVER_RUN', Severity::Wrong, Stage::Size,
                $fit->headline(),
                sprintf('%s gives %s for hours; the advertised peak lasts seconds.', $fit->supply->words(), Say::amps($fit->supply->runLimitA())),
                'Take a circuit off the list of what must run, let two take turns, or pick a larger machine.',
                Source::nec('702.4'),
            );
        }
    }
}
