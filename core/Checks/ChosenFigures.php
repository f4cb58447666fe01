<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\Source;
use Underpin\Loads\School;
use Underpin\Say;
use Underpin\Service\Circuit;
use Underpin\Stage;

/** The figures chosen for sizing are not there, or not for everything. */
final class ChosenFigures implements Check
{
    public function findings(Facts $facts): iterable
    {
        if ($facts->job->figures === School::Calculate && $facts->job->demand === null) {
            yield new Finding(
                'CALCULATION_NOT_DONE', Severity::Wrong, Stage::Loads,
                'Sizing is to use the load calculation, and there is none.',
                'Sizing falls back to the load list.',
                'Work the calculation out, or choose other figures.',
                Source::nec('702.4(B)'),
            );
        }
        $unmeasured = array_values(array_filter($facts->plan->must, fn (Circuit $c): bool => $c->measured === null));
        if ($facts->job->figures === School::Measure && $unmeasured !== []) {
            yield new Finding(
                'NOT_MEASURED', Severity::Advice, Stage::Loads,
                'Sizing is to use measured figures; '.Say::count(count($unmeasured), 'circuit').' that must run '.(count($unmeasured) === 1 ? 'was' : 'were').' not measured: '
                .Say::list(array_map(fn (Circuit $c): string => $c->title(), $unmeasured)).'.',
                'For those the load list counts.',
                'Measure them one by one, or keep a buffer for them.',
                Source::practice('measuring'),
            );
        }
    }
}
