<?php

declare(strict_types=1);

namespace Underpin\Schedule;

use Underpin\Say;

/** A step with its days. Days are counted from 1 January 1970; null: something before it is not known. */
final readonly class Planned
{
    /**
     * @param  ?int  $start  begun, or the soonest that it can begin
     * @param  ?int  $end  done, or the soonest that it can be
     * @param  ?int  $latest  the last day to begin it, so that the day of the work stands; null: no day is agreed, or it is behind us
     * @param  ?int  $slack  days that it may slip before the end of all slips; null: not known, or done
     * @param  bool  $decides  the end waits for this one
     * @param  bool  $isBehind  nobody noted it as done, though something that waits for it is: it is planned no more
     */
    public function __construct(
        public Step $step, public ?int $start, public ?int $end, public ?int $latest, public ?int $slack, public bool $decides,
        public bool $isBehind = false,
    ) {
    }

    public static function behind(Step $step): self
    {
        return new self($step, null, null, null, null, false, true);
    }

    public function isDone(): bool
    {
        return $this->step->doneOn !== '';
    }

    /** How far it may slip, in words. */
    public function slip(): string
    {
        return match (true) {
            $this->isDone() => 'done',
            $this->isBehind => 'what waits for it is done',
            $this->slack === null => 'not known',
            $this->slack === 0 => 'decides',
            default => Say::count($this->slack, 'day'),
        };
    }

    /** It should have begun already. */
    public function isLate(int $today): bool
    {
        return $this->latest !== null && $this->latest < $today && $this->step->begunOn === '' && ! $this->isDone();
    }
}
