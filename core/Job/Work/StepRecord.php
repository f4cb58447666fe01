<?php

declare(strict_types=1);

namespace Underpin\Job\Work;

/** That a step was done: by whom, when, what was read, and what the step said then. */
final readonly class StepRecord
{
    /** characters of the key of a step: it holds up to two ids of a job */
    public const LONGEST_KEY = 160;

    /** characters of what a step says */
    public const LONGEST_TEXT = 1_000;

    /** The largest reading of any instrument. */
    public const MOST_VALUE = 1_000_000.0;

    /**
     * @param  string  $id  key of the step
     * @param  string  $by  initials
     * @param  string  $at  YYYY-MM-DD HH:MM, by the clock of who did it
     * @param  string  $said  what the step said when it was done: when it says something else now, it is asked again
     * @param  ?float  $value  what was read, in the unit of the step
     * @param  ?float  $label  what the label on the part demands, in the same unit, where it was read on the spot
     * @param  string  $tool  what it was read with
     */
    public function __construct(
        public string $id,
        public string $by,
        public string $at,
        public string $said = '',
        public ?float $value = null,
        public ?float $label = null,
        public string $tool = '',
        public string $note = '',
    ) {
    }

    /** The day of it, YYYY-MM-DD. */
    public function day(): string
    {
        return substr($this->at, 0, 10);
    }
}
