<?php

declare(strict_types=1);

namespace Underpin\Exchange\Lines;

use Underpin\Csv\CsvDialect;
use Underpin\Csv\CsvText;
use Underpin\Exchange\Schedule\RowFault;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Refused;

/** Things of a shop as a sheet: a row each, a column for each field of its form, headed by the name of the field or by its label. */
final class LineSheet
{
    private const MOST_ROWS = 2_000;

    /** @param  list<array<string, float|int|string|bool|null>>  $lines  by field */
    public static function write(Form $form, array $lines, CsvDialect $dialect = new CsvDialect): string
    {
        $names = array_map(fn (Field $field): string => $field->name, $form->fields());
        $rows = array_map(fn (array $line): array => array_map(fn (string $name): string => match (true) {
            is_bool($line[$name] ?? null) => $line[$name] ? 'yes' : 'no',
            is_int($line[$name] ?? null), is_float($line[$name] ?? null) => $dialect->number((float) $line[$name]),
            default => (string) ($line[$name] ?? ''),
        }, $names), $lines);

        return $dialect->write([$names, ...$rows]);
    }

    /** @throws Refused when the file is no sheet of such things */
    public static function read(Form $form, string $bytes): LineReading
    {
        $rows = CsvText::rows($bytes);
        if (count($rows) < 2 || count($rows) > self::MOST_ROWS) {
            throw new Refused('file', sprintf(
                'The sheet must have a row of headings and 1 to %s rows below it; it has %d.', number_format(self::MOST_ROWS - 1),
                max(0, count($rows) - 1),
            ));
        }
        [$at, $heads] = array_shift($rows);
        [$columns, $faults] = self::columns($form, $at, $heads);
        if ($columns === []) {
            throw new Refused('file', 'No heading of the sheet is known. Known: '.implode(', ', array_map(
                fn (Field $field): string => $field->name, array_slice($form->fields(), 0, 12),
            )).', …');
        }
        $lines = [];
        foreach ($rows as [$number, $cells]) {
            $case = [];
            foreach ($columns as $i => $field) {
                $case[$field->name] = $field->type->fromText(CsvText::meant($cells[$i] ?? ''));
            }
            $wrong = $form->faults((object) $case);
            array_push($faults, ...array_map(fn (Refused $r): RowFault => new RowFault($number, $r->field, $r->getMessage()), $wrong));
            if ($wrong === []) {
                $lines[$number] = $form->read((object) $case);
            }
        }

        return new LineReading($lines, $faults);
    }

    /**
     * @param  list<string>  $heads
     * @return array{array<int, Field>, list<RowFault>} field by place of its column
     */
    private static function columns(Form $form, int $at, array $heads): array
    {
        $columns = $faults = [];
        foreach ($heads as $i => $head) {
            $word = mb_strtolower(CsvText::meant($head));
            $found = array_filter(
                $form->fields(), fn (Field $f): bool => in_array($word, [strtolower($f->name), mb_strtolower($f->label)], true),
            );
            $field = $found === [] ? null : $found[array_key_first($found)];
            if ($field !== null) {
                $columns[$i] = $field;
            } elseif ($word !== '') {
                $faults[] = new RowFault($at, $word, "The column \"$word\" is not known and was left out.");
            }
        }

        return [$columns, $faults];
    }
}
