<?php

declare(strict_types=1);

namespace Underpin\Csv;

use Underpin\Refused;

/**
 * The rows of a small table in text: comma, semicolon or tab between the cells, quoted cells
 * (RFC 4180), any line ending. A byte-order mark, UTF-16 and the Western Windows code page are
 * recognised; spreadsheets write all of them.
 */
final class CsvText
{
    public const MOST_BYTES = 2_000_000;

    public const MOST_CELL = 2_000;

    private const DELIMITERS = [',', ';', "\t"];

    /** Bytes that the delimiter is told by. */
    private const LOOKED_AT = 8_000;

    /** Share of zero bytes from which on text is UTF-16 that does not say so. */
    private const WIDE = 0.3;

    /**
     * @return list<array{int, list<string>}> line number of each row in the file, and its cells; blank rows left out
     *
     * @throws Refused when the text is too large or no text at all
     */
    public static function rows(string $bytes): array
    {
        return self::table($bytes)->rows;
    }

    /** @throws Refused when the text is too large or no text at all */
    public static function table(string $bytes): CsvTable
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw new Refused(
                'file',
                sprintf(
                    'The file has %s bytes; a schedule may have at most %s.', number_format(strlen($bytes)),
                    number_format(self::MOST_BYTES),
                ),
            );
        }
        $text = self::decoded($bytes);
        if (preg_match('/[\x00-\x08\x0E-\x1F]/', $text) === 1) {
            throw new Refused('file', 'The file is not text. Save the sheet as CSV and bring in that.');
        }

        // "sep=;" is how some spreadsheets are told the delimiter.
        if (preg_match('/^\s*"?sep=(.)"?[ \t]*(?:\r\n|\r|\n|\z)/iu', $text, $told) === 1) {
            $rest = self::split(substr($text, strlen($told[0])), $told[1]);

            return new CsvTable(array_map(fn (array $row): array => [$row[0] + substr_count($told[0], "\n"), $row[1]], $rest), $told[1]);
        }
        $delimiter = self::delimiter($text);

        return new CsvTable(self::split($text, $delimiter), $delimiter);
    }

    /**
     * The same table as text that table() reads back, every row on the line that it had, with what parts its cells:
     * that tells of its decimal marks.
     */
    public static function write(CsvTable $table): string
    {
        // One that is not found by itself was told on the first line, where no row stands.
        $isTold = ! in_array($table->delimiter, self::DELIMITERS, true);
        $text = $isTold ? "sep=$table->delimiter\n" : '';
        $line = $isTold ? 2 : 1;
        foreach ($table->rows as [$number, $cells]) {
            $quoted = array_map(fn (string $cell): string => self::quoted($cell, $table->delimiter), $cells);
            $row = str_repeat("\n", max(0, $number - $line)).implode($table->delimiter, $quoted)."\n";
            $line += substr_count($row, "\n");
            $text .= $row;
        }

        return $text;
    }

    private static function quoted(string $cell, string $delimiter): string
    {
        $cell = str_replace(["\r\n", "\r"], "\n", $cell);

        return preg_match('/[",;\t\n]/', $cell) === 1 || str_contains($cell, $delimiter) ? '"'.str_replace('"', '""', $cell).'"' : $cell;
    }

    /** A cell that a spreadsheet could run as a formula is led by an apostrophe. */
    public static function cell(string $value): string
    {
        if ($value !== '' && (str_contains("=+-@\t\r'", $value[0]))) {
            $value = "'$value";
        }

        return preg_match('/[",;\t\r\n]|^\s|\s$/', $value) === 1 ? '"'.str_replace('"', '""', $value).'"' : $value;
    }

    /** Without blanks around it, those that do not break a line and the mark at the beginning of a file included. */
    public static function trimmed(string $cell): string
    {
        return preg_replace('/^[\s\x{A0}\x{FEFF}]+|[\s\x{A0}\x{FEFF}]+$/u', '', $cell) ?? trim($cell);
    }

    /** A cell as it was meant: without blanks around it, and without the guard of cell(). */
    public static function meant(string $cell): string
    {
        $cell = self::trimmed($cell);

        return preg_match("/^'[=+\-@'\t\r]/", $cell) === 1 ? substr($cell, 1) : $cell;
    }

    private static function decoded(string $bytes): string
    {
        return match (true) {
            str_starts_with($bytes, "\xEF\xBB\xBF") => mb_scrub(substr($bytes, 3), 'UTF-8'),
            str_starts_with($bytes, "\xFF\xFE") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16LE'),
            str_starts_with($bytes, "\xFE\xFF") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16BE'),
            self::zeros($bytes, 1) > self::WIDE => mb_convert_encoding($bytes, 'UTF-8', 'UTF-16LE'),
            self::zeros($bytes, 0) > self::WIDE => mb_convert_encoding($bytes, 'UTF-8', 'UTF-16BE'),
            mb_check_encoding($bytes, 'UTF-8') => $bytes,
            default => mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252'),
        };
    }

    /** Share of zeros among every second byte from one on. */
    private static function zeros(string $bytes, int $from): float
    {
        $some = substr($bytes, 0, self::LOOKED_AT);
        $zeros = 0;
        for ($i = $from; $i < strlen($some); $i += 2) {
            $zeros += $some[$i] === "\0" ? 1 : 0;
        }

        return $some === '' ? 0.0 : $zeros / (strlen($some) / 2);
    }

    /** The one that stands most often in the first lines, outside of quotes: titles may come before the table. */
    private static function delimiter(string $text): string
    {
        $start = (string) preg_replace('/"(?:[^"]|"")*+"/', '', substr(ltrim($text), 0, self::LOOKED_AT));
        $best = ',';
        foreach (self::DELIMITERS as $delimiter) {
            if (substr_count($start, $delimiter) > substr_count($start, $best)) {
                $best = $delimiter;
            }
        }

        return $best;
    }

    /** @return list<array{int, list<string>}> */
    private static function split(string $text, string $delimiter): array
    {
        $rows = [];
        $cells = [];
        $line = $rowLine = 1;
        $pattern = '/(?:"((?:[^"]|"")*+)"[^\r\n'.preg_quote($delimiter, '/').']*|([^\r\n'.preg_quote($delimiter, '/').']*+))(\r\n|\r|\n|'
            .preg_quote($delimiter, '/').'|\z)/A';
        $at = 0;
        while ($at <= strlen($text) && preg_match($pattern, $text, $found, 0, $at) === 1) {
            $quoted = $found[1] !== '' ? str_replace('""', '"', $found[1]) : $found[2];
            if (mb_strlen($quoted) > self::MOST_CELL) {
                throw new Refused('file', sprintf('Line %d has a cell of more than %s characters.', $line, number_format(self::MOST_CELL)));
            }
            $cells[] = $quoted;
            $line += preg_match_all('/\r\n|\r|\n/', $found[0]);
            $at += strlen($found[0]);
            if ($found[3] === $delimiter) {
                continue;
            }
            if (implode('', array_map(self::meant(...), $cells)) !== '') {
                $rows[] = [$rowLine, $cells];
            }
            $cells = [];
            $rowLine = $line;
            if ($found[3] === '') {
                break;
            }
        }

        return $rows;
    }
}
