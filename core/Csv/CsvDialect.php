<?php

declare(strict_types=1);

namespace Underpin\Csv;

/** How a table goes out: what parts its cells, its decimal mark, and whether a byte-order mark leads, as some spreadsheets want. */
final readonly class CsvDialect
{
    public function __construct(
        public Delimiter $delimiter = Delimiter::Comma,
        public DecimalMark $decimal = DecimalMark::Point,
        public bool $hasMark = false,
    ) {
    }

    /** @param  list<list<string>>  $rows  cells */
    public function write(array $rows): string
    {
        $text = $this->hasMark ? "\u{FEFF}" : '';
        foreach ($rows as $cells) {
            $text .= implode($this->delimiter->character(), array_map(CsvText::cell(...), $cells))."\r\n";
        }

        return $text;
    }

    /** One that is read back as it was: a fraction of three digits, which could be thousands, gets a fourth. */
    public function number(?float $number): string
    {
        $plain = (string) preg_replace('/^(-?\d{1,3}\.\d{3})$/', '${1}0', Number::write($number));

        return $this->decimal === DecimalMark::Comma ? str_replace('.', ',', $plain) : $plain;
    }
}
