<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule;

use Underpin\Csv\CsvDialect;
use Underpin\Job\Circuit;
use Underpin\Job\Load;
use Underpin\Job\Panel;
use Underpin\Job\Protection;

/** Panels as a CSV schedule that ScheduleReader reads back to the same. */
final class ScheduleWriter
{
    /** @param  list<Panel>  $panels */
    public static function write(array $panels, CsvDialect $dialect = new CsvDialect): string
    {
        $lines = [array_map(fn (ScheduleColumn $c): string => $c->value, ScheduleColumn::cases())];
        foreach ($panels as $panel) {
            foreach ($panel->circuits as $circuit) {
                foreach ($circuit->loads === [] ? [null] : $circuit->loads as $load) {
                    $lines[] = self::row($panel, $circuit, $load, $dialect);
                }
            }
        }

        return $dialect->write($lines);
    }

    /** @return list<string> */
    private static function row(Panel $panel, Circuit $circuit, ?Load $load, CsvDialect $dialect): array
    {
        return [
            $panel->name,
            $circuit->position->space.($circuit->position->half->value ?? ''),
            (string) $circuit->position->poles,
            (string) $circuit->breakerAmps,
            $circuit->name,
            match ($circuit->protection) {
                Protection::Dual, Protection::None => $circuit->protection->value,
                default => $circuit->protection->mark(),
            },
            $circuit->position->half->value ?? '',
            $circuit->role->value,
            $load->name ?? '',
            $load?->kind->value ?? '',
            $dialect->number($load?->runW),
            $dialect->number($load?->startW),
            $dialect->number($load?->pf),
            $circuit->note,
        ];
    }
}
