<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Underpin\Design\Design;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Drawings;
use Underpin\Drawing\Writer\DxfFile;
use Underpin\Drawing\Writer\SvgFile;
use Underpin\Drawing\Writer\TextFile;
use Underpin\Drawing\Writer\Writer;
use Underpin\Refused;

/** The drawings that follow from a job file, without a database. */
final class Draw extends Command
{
    use ReadsJobFile;

    protected $signature = 'underpin:draw {file : a job file in JSON} {name? : of a sheet; --list names them}
        {--list : the sheets that this job fills} {--format=svg : svg, dxf or text}';

    protected $description = 'Print a drawing that follows from a job file, as SVG, DXF or text';

    public function handle(): int
    {
        $job = $this->job();
        if ($job === null) {
            return 2;
        }
        $sheets = $this->sheets(new Design($job));
        if ($this->option('list')) {
            $this->say(array_map(
                fn (string $name, Drawing $drawing): array => ['name' => $name, 'title' => $drawing->title], array_keys($sheets), $sheets,
            ));

            return 0;
        }
        $name = $this->argument('name');
        $drawing = is_string($name) ? $sheets[$name] ?? null : null;
        $writer = $this->writer();
        if ($drawing === null || $writer === null) {
            $this->refuse([$writer === null
                ? new Refused('format', 'format must be svg, dxf or text; "'.$this->option('format').'" was given.')
                : new Refused('name', 'name must be one of '.implode(', ', array_keys($sheets)).'; '
                    .(is_string($name) ? "\"$name\"" : 'none').' was given.')]);

            return 2;
        }
        fwrite(STDOUT, $writer->write($drawing));

        return 0;
    }

    /** @return array<string, Drawing> by name; the second sheet of a kind has its number in its name */
    private function sheets(Design $design): array
    {
        $sheets = [];
        foreach (Drawings::standard()->all() as $kind) {
            foreach ($kind->sheets($design) as $i => $drawing) {
                $sheets[$kind->key().($i === 0 ? '' : '-'.($i + 1))] = $drawing;
            }
        }

        return $sheets;
    }

    private function writer(): ?Writer
    {
        return match ($this->option('format')) {
            'svg' => new SvgFile,
            'dxf' => new DxfFile,
            'text' => new TextFile,
            default => null,
        };
    }
}
