<?php

declare(strict_types=1);

namespace App\Documents;

use App\JobFile\EditedJob;
use Dompdf\Dompdf;
use Dompdf\Options;
use RuntimeException;
use Underpin\Outage\SwitchingCard;

/**
 * The switching card on one letter sheet, as large as it goes: the type is made smaller step by
 * step until everything stands on one page.
 */
final class CardPdf
{
    /** points of the body type, largest first */
    private const SIZES = [14, 13, 12.5, 12, 11.5, 11, 10.5, 10, 9.5, 9, 8.5, 8, 7.5, 7, 6];

    public static function of(EditedJob $edited): string
    {
        $card = SwitchingCard::of($edited->review);
        foreach (self::SIZES as $points) {
            $pdf = new Dompdf(new Options([
                'isRemoteEnabled' => false, 'isPhpEnabled' => false, 'defaultFont' => 'DejaVu Sans',
                'fontCache' => storage_path('framework/cache'), 'tempDir' => storage_path('framework/cache'),
            ]));
            $pdf->setPaper('letter');
            $pdf->loadHtml(
                view('documents.card', ['job' => $edited->row, 'file' => $edited->job, 'card' => $card, 'points' => $points])->render()
            );
            $pdf->render();
            if ($pdf->getCanvas()->get_page_count() === 1 || $points === self::SIZES[count(self::SIZES) - 1]) {
                return (string) $pdf->output();
            }
        }

        throw new RuntimeException('No type size was tried.');
    }
}
