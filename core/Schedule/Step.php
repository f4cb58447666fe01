<?php

declare(strict_types=1);

namespace Underpin\Schedule;

/** A step on the way to the day of the work and after it, with what is noted of it. */
final readonly class Step
{
    /**
     * @param  string  $ask  what is done to begin it: "Ask for the permit"
     * @param  string  $done  how it reads when it is there: "Permit granted"
     * @param  ?int  $days  from beginning to end; null: nobody said
     * @param  list<string>  $after  keys of the steps that must be done before it begins
     * @param  string  $begunOn  YYYY-MM-DD; empty: not yet
     * @param  string  $doneOn  YYYY-MM-DD; empty: not yet
     * @param  string  $why  where its length comes from
     * @param  bool  $isRequired  by the authority: it is owed, even when what waits for it is done
     */
    public function __construct(
        public string $key, public string $ask, public string $done, public ?int $days, public array $after, public string $begunOn = '',
        public string $doneOn = '', public string $why = '', public bool $isRequired = false,
    ) {
    }

    /** @param  list<string>  $after  keys */
    public function waitingFor(array $after): self
    {
        return new self(
            $this->key, $this->ask, $this->done, $this->days, $after, $this->begunOn, $this->doneOn, $this->why, $this->isRequired,
        );
    }

    public function required(): self
    {
        return new self($this->key, $this->ask, $this->done, $this->days, $this->after, $this->begunOn, $this->doneOn, $this->why, true);
    }
}
