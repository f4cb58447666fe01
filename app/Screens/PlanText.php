<?php

declare(strict_types=1);

namespace App\Screens;

use Underpin\Codebook\CordReach;
use Underpin\Csv\Number;
use Underpin\Geometry\Point;
use Underpin\Job\Job;
use Underpin\Job\Plan\RouteKind;
use Underpin\Say;

/** The site plan in the fields of its forms. */
final class PlanText
{
    /** @param  list<Point>  $points */
    public static function points(array $points): string
    {
        return implode(' ', array_map(fn (Point $p): string => Number::write($p->x).','.Number::write($p->y), $points));
    }

    /** What Wire works with beside the length of a way; empty: it is of no use there. */
    public static function typed(RouteKind $kind, Job $job): string
    {
        $wire = $job->wire;
        [$typed, $what] = match ($kind) {
            RouteKind::Cord => [$wire->cordFt, 'cord'],
            RouteKind::Trench => [$wire->runFt, 'run'],
            RouteKind::Gas => [null, ''],
        };
        $plan = $job->plan->route($kind)?->ft();

        return match (true) {
            $what === '' || $plan === null => '',
            $typed === null => " Wire takes it as the length of the $what".(
                $kind === RouteKind::Cord ? ', and '.Say::figure(CordReach::SLACK_FT).' ft of slack.' : '.'
            ),
            round(abs($typed - $plan), 1) === 0.0 => " Wire says the same for the $what".(
                $kind === RouteKind::Cord ? ': no slack in it.' : '.'
            ),
            default => sprintf(
                ' Wire says %s ft for the %s: %s ft %s than here.', Say::figure($typed), $what, Say::figure(abs($typed - $plan)),
                $typed < $plan ? 'less' : 'more',
            ),
        };
    }
}
