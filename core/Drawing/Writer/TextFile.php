<?php

declare(strict_types=1);

namespace Underpin\Drawing\Writer;

use Underpin\Drawing\Drawing;

/** The twin of a drawing in words: its title, and a table with a tab between its cells. */
final class TextFile implements Writer
{
    public function extension(): string
    {
        return 'txt';
    }

    public function mime(): string
    {
        return 'text/plain; charset=utf-8';
    }

    public function write(Drawing $drawing): string
    {
        return "$drawing->title\n".implode('', array_map(
            fn (array $row): string => implode(
                "\t", array_map(fn (string $cell): string => str_replace(["\t", "\n"], ' ', $cell), $row),
            )."\n",
            $drawing->twin,
        ));
    }
}
