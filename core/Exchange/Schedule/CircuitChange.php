<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule;

use Underpin\Csv\Number;
use Underpin\Job\Circuit;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Job\Protection;

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

    /** Whether all that is known of the circuit stays; a load that is only written anew is the same load. */
    public function isNone(): bool
    {
        return $this->before !== null && $this->after !== null && self::facts($this->before) == self::facts($this->after);
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
            ...array_map(self::load(...), $circuit->loads),
            $circuit->note === '' ? '' : "note: $circuit->note",
            $circuit->measured === null ? '' : 'measured',
        ]));
    }

    private static function load(Load $load): string
    {
        return trim("$load->name ".implode(' ', array_filter([
            $load->runW === null ? '' : Number::write($load->runW).' W',
            $load->startW === null ? '' : 'start '.Number::write($load->startW).' W',
            $load->pf === 1.0 ? '' : 'pf '.Number::write($load->pf),
            $load->kind === LoadKind::Other ? '' : "({$load->kind->value})",
        ])));
    }

    private static function facts(Circuit $circuit): Circuit
    {
        return $circuit->with(id: '', loads: array_map(fn (Load $load): Load => $load->with(id: ''), $circuit->loads));
    }
}
