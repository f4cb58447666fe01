<?php

declare(strict_types=1);

namespace App\Documents;

use App\Documents\Tags\PageTags;
use App\Documents\Tags\PdfUpdate;
use Dompdf\Dompdf;
use Dompdf\FontMetrics;
use Dompdf\Options;
use Illuminate\Support\Facades\File;

/**
 * What every paper is printed with: nothing is fetched, no code in a page is run, it has the faces of the pages, and it says its
 * language and what its pages consist of, for who hears it read.
 */
final readonly class Sheet
{
    private const LANGUAGE = 'en-US';

    private function __construct(private Dompdf $pdf, private PageTags $tags)
    {
    }

    /** A page of HTML on letter sheets. */
    public static function laidOut(string $html, string $orientation = 'portrait'): self
    {
        $pdf = self::printer();
        $tags = new PageTags;
        $tags->watch($pdf);
        $pdf->setPaper('letter', $orientation);
        $pdf->loadHtml($html);
        $pdf->render();

        return new self($pdf, $tags);
    }

    /** To measure words before they are laid out. */
    public static function fonts(): FontMetrics
    {
        return self::printer()->getFontMetrics();
    }

    public function pages(): int
    {
        return $this->pdf->getCanvas()->get_page_count();
    }

    public function written(): string
    {
        return PdfUpdate::tagged((string) $this->pdf->output(), $this->tags, self::LANGUAGE);
    }

    private static function printer(): Dompdf
    {
        $folder = config()->string('app.print_folder');
        File::ensureDirectoryExists($folder);
        $pdf = new Dompdf(new Options([
            'isRemoteEnabled' => false, 'isPhpEnabled' => false, 'defaultFont' => 'DejaVu Sans',
            'fontDir' => $folder, 'fontCache' => $folder, 'tempDir' => $folder, 'chroot' => [$folder],
        ]));
        PrintFonts::on($pdf, $folder);

        return $pdf;
    }
}
