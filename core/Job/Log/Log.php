<?php

declare(strict_types=1);

namespace Underpin\Job\Log;

/** The logbook of a job: its machine, and its switches. */
final readonly class Log
{
    /**
     * @param  list<LogEntry>  $entries  in any order
     * @param  list<SwitchService>  $services
     */
    public function __construct(public array $entries = [], public array $services = [])
    {
    }

    /** @param  string  $day  YYYY-MM-DD, the last that counts */
    public function until(string $day): self
    {
        return new self(
            array_values(array_filter($this->entries, fn (LogEntry $e): bool => $e->on <= $day)),
            array_values(array_filter($this->services, fn (SwitchService $s): bool => $s->on <= $day)),
        );
    }

    /** The last of these kinds; null: there is none. */
    public function last(LogKind ...$kinds): ?LogEntry
    {
        $last = null;
        foreach ($this->entries as $entry) {
            if (in_array($entry->kind, $kinds, true) && ($last === null || $entry->on >= $last->on)) {
                $last = $entry;
            }
        }

        return $last;
    }

    /** @return list<SwitchService> of one switch, the first one first */
    public function of(string $switch): array
    {
        $services = array_values(array_filter($this->services, fn (SwitchService $s): bool => $s->switch === $switch));
        usort($services, fn (SwitchService $x, SwitchService $y): int => [$x->on, $x->id] <=> [$y->on, $y->id]);

        return $services;
    }

    /** @return list<LogEntry> the newest first */
    public function newestFirst(): array
    {
        $entries = $this->entries;
        usort($entries, fn (LogEntry $x, LogEntry $y): int => [$y->on, $y->hours ?? 0.0, $y->id] <=> [$x->on, $x->hours ?? 0.0, $x->id]);

        return $entries;
    }
}
