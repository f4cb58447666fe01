<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;
use Underpin\Job\Circuit;
use Underpin\Job\LoadBasis;
use Underpin\Say;

/** The figures chosen for sizing are not there, or not for everything. */
final class ChosenFigures implements Check
{
    public function findings(Design $design): iterable
    {
        if ($design->job->basis->use === LoadBasis::Calculate && $design->job->basis->demand === null) {
            yield new Finding(
                Code::CalculationNotDone,
                'Sizing is to use the load calculation, and there is none.',
                'Sizing falls back to the load list.',
                'Work the calculation out, or choose other figures.',
            );
        }
        $unmeasured = array_values(array_filter($design->plan()->must, fn (Circuit $c): bool => $c->measured === null));
        if ($design->job->basis->use === LoadBasis::Measure && $unmeasured !== []) {
            yield new Finding(
                Code::NotMeasured,
                'Sizing is to use measured figures; '.Say::count(count($unmeasured), 'circuit').' that must run '
                    .(count($unmeasured) === 1 ? 'was' : 'were').' not measured: '
                .Say::list(array_map(fn (Circuit $c): string => $c->title(), $unmeasured)).'.',
                'For those the load list counts.',
                'Measure them one by one, or keep a buffer for them.',
            );
        }
    }
}
