<?php

declare(strict_types=1);

namespace App\JobFile;

use Underpin\Exchange\JobFile;
use Underpin\Job\Job;
use Underpin\Job\Part\JobParts;

/** A job and what is attached to it, as one change sees it. */
final readonly class JobState
{
    public function __construct(public Job $job, public Attachments $attachments = new Attachments)
    {
    }

    public function withJob(Job $job): self
    {
        return new self($job, $this->attachments);
    }

    public function withAttachments(Attachments $attachments): self
    {
        return new self($this->job, $attachments);
    }

    /** @return array<string, mixed> by part, in the terms of a job file */
    public function toArray(): array
    {
        return JobParts::standard()->write($this->job) + $this->attachments->toArray();
    }

    /** @param  array<string, mixed>  $state  as toArray() gave it */
    public static function of(array $state): self
    {
        $attachments = Attachments::of($state);

        return new self(JobFile::standard()->fromArray(array_diff_key($state, $attachments->toArray())), $attachments);
    }
}
