<?php

declare(strict_types=1);

namespace Underpin\Keep;

use stdClass;
use Underpin\Csv\CsvText;
use Underpin\Csv\Number;
use Underpin\Job\Log\Log;
use Underpin\Job\Log\LogEntry;
use Underpin\Job\Log\LogKind;
use Underpin\Job\Part\LogPart;
use Underpin\Refused;

/** The log of a machine as a sheet, out and in. */
final class LogSheet
{
    private const COLUMNS = ['on', 'kind', 'hours', 'volts', 'gal', 'load_pct', 'note', 'by'];

    /** @return list<list<string>> a head, and a row for each line, the oldest first */
    public static function rows(Log $log): array
    {
        return [self::COLUMNS, ...array_map(fn (LogEntry $e): array => [
            $e->on, $e->kind->value, Number::write($e->hours), Number::write($e->volts), Number::write($e->gal), Number::write($e->loadPct),
            $e->note, $e->by,
        ], array_reverse($log->newestFirst()))];
    }

    /**
     * The log with what a sheet adds; a line that stands there already is not taken twice.
     *
     * @param  callable(): string  $key  of a new line
     * @param  string  $today  YYYY-MM-DD
     * @return array{Log, int, list<string>} the log, how many lines were added, and what was not taken, each with its row
     *
     * @throws Refused on "file" when nothing in it is such a sheet
     */
    public static function read(string $bytes, Log $log, callable $key, string $today): array
    {
        $rows = CsvText::table($bytes)->rows;
        $head = array_map(fn (string $cell): string => strtolower(trim($cell)), $rows[0][1] ?? []);
        if (! in_array('on', $head, true) || ! in_array('kind', $head, true)) {
            throw new Refused('file', 'Sheet: its first row names the columns, "on" and "kind" among them; '.implode(', ',
                self::COLUMNS).' would be taken.');
        }
        $entries = $log->entries;
        $there = array_fill_keys(array_map(self::mark(...), $entries), true);
        $faults = [];
        foreach (array_slice($rows, 1) as [$line, $cells]) {
            try {
                $entry = self::entry(array_combine($head, array_slice(array_pad($cells, count($head), ''), 0, count($head))), $key(),
                    $today);
                if (! isset($there[self::mark($entry)])) {
                    $entries[] = $entry;
                    $there[self::mark($entry)] = true;
                }
            } catch (Refused $refused) {
                $faults[] = "Row $line: {$refused->getMessage()}";
            }
        }

        return [new Log($entries, $log->services), count($entries) - count($log->entries), $faults];
    }

    /**
     * @param  array<string, string>  $cells
     *
     * @throws Refused
     */
    private static function entry(array $cells, string $id, string $today): LogEntry
    {
        $case = new stdClass;
        $case->id = $id;
        foreach (LogPart::entry()->fields() as $field) {
            if ($field->name !== 'id') {
                $case->{$field->name} = $field->type->fromText(trim($cells[$field->name] ?? ''));
            }
        }
        $entry = LogPart::entryOf(LogPart::entry()->read($case));

        return $entry->on > $today ? throw new Refused('on', "Day must not lie after today; \"$entry->on\" was given.") : $entry;
    }

    private static function mark(LogEntry $entry): string
    {
        return implode('|', [$entry->on, $entry->kind->value, $entry->hours, $entry->gal, $entry->note]);
    }

    /** What the kinds are called in a sheet. */
    public static function kinds(): string
    {
        return implode(', ', array_column(LogKind::cases(), 'value'));
    }
}
