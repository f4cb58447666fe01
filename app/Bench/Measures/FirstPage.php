<?php

declare(strict_types=1);

namespace App\Bench\Measures;

use App\Bench\BenchHouse;
use App\Bench\BenchJob;
use App\Bench\Report;

/** Bytes over the wire of the first page of a job, with everything it loads. */
final class FirstPage implements Measure
{
    private const PAGE_BYTES = 250_000;

    public function key(): string
    {
        return 'page';
    }

    public function measure(Report $report): bool
    {
        [$visitor, $path] = BenchJob::of(BenchHouse::panelOf42(...));
        $page = $visitor->getCompressed("$path/loads");
        $bytes = strlen((string) $page->getBody());
        $html = (string) gzdecode((string) $page->getBody());
        preg_match_all('#(?:href|src)="[^"]*(/build/[^"]+|/mark\.svg)"#', $html, $found);
        $files = array_unique($found[1]);
        foreach ($files as $file) {
            $body = (string) $visitor->getCompressed($file)->getBody();
            $bytes += strlen($body);
            if (str_ends_with($file, '.css')) {
                preg_match_all('#url\(([^)]+\.woff2)\)#', (string) (gzdecode($body) ?: $body), $fonts);
                foreach ($fonts[1] as $font) {
                    $bytes += strlen((string) $visitor->getCompressed('/build/assets/'.basename($font))->getBody());
                }
            }
        }

        return $report->kept('first page, bytes over the wire', (float) $bytes, self::PAGE_BYTES, '%.0f');
    }
}
