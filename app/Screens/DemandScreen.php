<?php

declare(strict_types=1);

namespace App\Screens;

use Underpin\Loads\Demand\Worksheet;
use Underpin\Loads\LegCurrents;
use Underpin\Loads\Plan;

/** The load calculation of a job beside what its load list says. */
final readonly class DemandScreen
{
    /** @param  array<string, mixed>  $fields */
    private function __construct(public array $fields, public ?Worksheet $sheet, public LegCurrents $everything, public LegCurrents $mustRun, public bool $figuresMissing)
    {
    }

    public static function of(JobScreen $screen): self
    {
        $circuits = $screen->job->circuits();

        return new self(
            DemandForm::fields($screen->job->demand),
            $screen->job->demand?->worksheet(),
            LegCurrents::of(Plan::drawsOf($circuits)),
            $screen->facts()->plan->running,
            array_filter($circuits, fn ($circuit): bool => $circuit->figuresMissing()) !== [],
        );
    }
}
