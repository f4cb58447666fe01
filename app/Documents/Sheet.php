<?php

declare(strict_types=1);

namespace App\Documents;

use Dompdf\Dompdf;
use Dompdf\Options;

/** What every paper is printed with: nothing is fetched, and no code in a page is run. */
final readonly class Sheet
{
    public static function empty(): Dompdf
    {
        return new Dompdf(new Options([
            'isRemoteEnabled' => false, 'isPhpEnabled' => false, 'defaultFont' => 'DejaVu Sans',
            'fontCache' => config()->string('app.print_folder'), 'tempDir' => config()->string('app.print_folder'),
        ]));
    }
}
