<?php

declare(strict_types=1);

namespace App\JobFile;

use App\Models\Job;
use Underpin\Checks\Review;
use Underpin\Exchange\JobPatch;
use Underpin\Job\Job as JobFile;

/** A job file as it stands in the database, with what the core says of it. */
final readonly class EditedJob
{
    /**
     * @param  ?JobPatch  $patch  what has just been changed; null: it was only opened
     * @param  ?Steps  $steps  where it stands in its ledger, where that is known already
     */
    public function __construct(
        public Job $row,
        public JobFile $job,
        public Review $review,
        public ?JobPatch $patch = null,
        private ?Steps $steps = null,
    ) {
    }

    public function steps(): Steps
    {
        return $this->steps ?? Steps::of($this->row);
    }
}
