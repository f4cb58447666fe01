<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule;

use Underpin\Job\Circuit;
use Underpin\Job\Protection;
use Underpin\Say;

/** What a schedule would do with one place of a panel. */
final readonly class CircuitChange
{
    /**
     * @param  ?Circuit  $before  null: nothing was there
     * @param  ?Circuit  $after  null: it would be gone
     */
    public function __construct(public string $panel, public ?Circuit $before, public ?Circuit $after)
    {
    }

    public function label(): string
    {
        return $this->after?->label() ?? $this->before?->label() ?? '';
    }

    public function isLoss(): bool
    {
        return $this->after === null;
    }

    public function was(): string
    {
        return $this->before === null ? 'free' : self::words($this->before);
    }

    public function becomes(): string
    {
        return $this->after === null ? 'gone' : self::words($this->after);
    }

    /** A breaker in one line: what a person would miss if it were another. */
    private static function words(Circuit $circuit): string
    {
        return implode(', ', array_filter([
            ($circuit->name === '' ? 'unnamed' : $circuit->name)." $circuit->breakerAmps A",
            $circuit->protection === Protection::None ? '' : $circuit->protection->mark(),
            $circuit->role->words(),
            $circuit->loads === [] ? '' : Say::count(count($circuit->loads), 'load'),
            $circuit->measured === null ? '' : 'measured',
        ]));
    }
}
