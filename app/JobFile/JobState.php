<?php

declare(strict_types=1);

namespace App\JobFile;

use Underpin\Exchange\JobFile;
use Underpin\Exchange\JobPatch;
use Underpin\Job\Job;
use Underpin\Job\Panel;
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

    /** What has changed from here to there. */
    public function patchTo(self $new): JobPatch
    {
        $panels = $this->job->service->panels;
        $others = $new->job->service->panels;
        $ids = fn (Panel $panel): string => $panel->id;
        $from = $this;
        $to = $new;
        if (array_map($ids, $panels) === array_map($ids, $others)) {
            // A panel that both hold as the very same value has not changed: it is not written out to be compared.
            $changed = fn (array $these, array $those): array => array_values(
                array_filter($these, fn (Panel $panel, int $i): bool => $panel !== $those[$i], ARRAY_FILTER_USE_BOTH),
            );
            $from = $this->withPanels($changed($panels, $others));
            $to = $new->withPanels($changed($others, $panels));
        }

        return JobPatch::between($from->toArray(), $to->toArray());
    }

    /** @param  list<Panel>  $panels */
    private function withPanels(array $panels): self
    {
        return $this->withJob($this->job->with($this->job->service->with(panels: $panels)));
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
