<?php

declare(strict_types=1);

namespace App\Screens;

use Underpin\Demand\Worksheet;

/** The load calculation of a job: what it was given, and the worksheet that follows. */
final readonly class DemandScreen
{
    /** @param  array<string, mixed>  $fields */
    private function __construct(public array $fields, public ?Worksheet $sheet)
    {
    }

    public static function of(JobScreen $screen): self
    {
        return new self(
            DemandForm::fields($screen->job->basis->demand),
            $screen->job->basis->demand === null ? null : Worksheet::of($screen->job->basis->demand),
        );
    }
}
