<?php

declare(strict_types=1);

namespace App\Documents;

use Dompdf\Dompdf;
use Illuminate\Support\Facades\File;

/** The faces of the pages, on paper too. They are unpacked once, into the folder that printing works in. */
final class PrintFonts
{
    public const WORDS = 'Archivo';

    public const FIGURES = 'IBM Plex Mono';

    /** family, weight, and the file below the packages of the pages */
    private const FACES = [
        [self::WORDS, 'normal', 'archivo/files/archivo-latin-400-normal.woff'],
        [self::WORDS, 'bold', 'archivo/files/archivo-latin-700-normal.woff'],
        [self::FIGURES, 'normal', 'ibm-plex-mono/files/ibm-plex-mono-latin-400-normal.woff'],
        [self::FIGURES, 'bold', 'ibm-plex-mono/files/ibm-plex-mono-latin-600-normal.woff'],
    ];

    public static function on(Dompdf $pdf, string $folder): void
    {
        $known = $pdf->getFontMetrics()->getFontFamilies();
        if (isset($known[mb_strtolower(self::WORDS)]['bold'], $known[mb_strtolower(self::FIGURES)]['bold'])) {
            return;
        }
        // Two papers at once must not both write the list of faces.
        $lock = fopen("$folder/faces.lock", 'c');
        if ($lock === false || ! flock($lock, LOCK_EX)) {
            return;
        }
        foreach (self::FACES as [$family, $weight, $file]) {
            $woff = base_path("node_modules/@fontsource/$file");
            // Without the packages of the pages a paper has the face that the printing package brings.
            if (is_file($woff)) {
                $plain = "$folder/".basename($file, '.woff').'.ttf';
                File::put($plain, Woff::trueType(File::get($woff)));
                $pdf->getFontMetrics()->registerFont(['family' => $family, 'weight' => $weight, 'style' => 'normal'], "file://$plain");
            }
        }
        flock($lock, LOCK_UN);
    }
}
