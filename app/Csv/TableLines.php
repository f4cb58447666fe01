<?php

declare(strict_types=1);

namespace App\Csv;

use Underpin\Refused;

/** The rows of a large table in a file, a line at a time, in any of the usual encodings. */
final class TableLines
{
    private const MOST_LINE = 4096;

    /** the last line that was read */
    public int $line = 0;

    /** the last line had an end */
    public bool $whole = true;

    /** bytes of the file read so far */
    public int $at = 0;

    public readonly int $bytes;

    private readonly string $head;

    /** @throws Refused on "file" when it is no table at all */
    public function __construct(private readonly string $path)
    {
        $this->head = (string) file_get_contents($path, false, null, 0, 512);
        $this->bytes = (int) filesize($path);
        if ($this->head === '') {
            throw new Refused('file', 'The file is empty.');
        }
        if ($this->wide() === null && preg_match('/[\x00-\x08\x0E-\x1F]/', $this->head) === 1) {
            throw new Refused('file', 'The file is not text. Unpack it first, or save the sheet as CSV.');
        }
    }

    /**
     * @return iterable<list<string>>
     *
     * @throws Refused on "file"
     */
    public function rows(): iterable
    {
        $file = fopen($this->path, 'rb');
        if ($file === false) {
            throw new Refused('file', 'The file cannot be read.');
        }
        try {
            $wide = $this->wide();
            if ($wide !== null) {
                fseek($file, 2);
                stream_filter_append($file, "convert.iconv.$wide/UTF-8", STREAM_FILTER_READ);
            } elseif (str_starts_with($this->head, "\xEF\xBB\xBF")) {
                fseek($file, 3);
            }
            $delimiter = $this->delimiter();
            while (($text = @fgets($file, self::MOST_LINE)) !== false) {
                $this->line++;
                $row = rtrim($text, "\r\n");
                $this->whole = $row !== $text;
                if (! $this->whole && isset($text[self::MOST_LINE - 2])) {
                    throw new Refused(
                        'file',
                        sprintf(
                            'Line %s has more than %s characters. Nothing was kept.', number_format($this->line),
                            number_format(self::MOST_LINE - 2),
                        ),
                    );
                }
                if (($this->line & 4095) === 0) {
                    $this->at = (int) ftell($file);
                }
                yield str_contains($row, '"') ? array_map(strval(...), str_getcsv($row, $delimiter, '"', '')) : explode($delimiter, $row);
            }
        } finally {
            fclose($file);
        }
    }

    private function wide(): ?string
    {
        return match (substr($this->head, 0, 2)) {
            "\xFF\xFE" => 'UTF-16LE',
            "\xFE\xFF" => 'UTF-16BE',
            default => null,
        };
    }

    /** @return non-empty-string */
    public function delimiter(): string
    {
        $best = ',';
        foreach ([';', "\t"] as $delimiter) {
            if (substr_count($this->head, $delimiter) > substr_count($this->head, $best)) {
                $best = $delimiter;
            }
        }

        return $best;
    }
}
