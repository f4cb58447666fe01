<?php

declare(strict_types=1);

namespace App\JobFile;

use App\Models\Job;
use Underpin\Checks\Review;
use Underpin\Job\Job as JobFile;

/** A job file as it stands in the database, with what the core says of it. */
final readonly class EditedJob
{
    public function __construct(public Job $row, public JobFile $job, public Review $review)
    {
    }
}
