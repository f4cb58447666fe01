<?php

declare(strict_types=1);

namespace App\Documents;

use App\Documents\Card\CardContents;
use App\Documents\Card\CardFit;
use Dompdf\Dompdf;
use Illuminate\Support\Facades\Log;

/** The switching card on one letter sheet, as large as it goes; a house with very many breakers gets several. */
final readonly class CardPdf
{
    public static function of(CardContents $contents): string
    {
        $fit = CardFit::of($contents, Sheet::empty()->getFontMetrics());
        $pdf = self::laidOut($contents, $fit);
        while ($fit->isOneSheet && $pdf->getCanvas()->get_page_count() > 1) {
            Log::notice('A card was laid out again', ['points' => $fit->points]);
            $fit = $fit->smaller();
            $pdf = self::laidOut($contents, $fit);
        }

        return (string) $pdf->output();
    }

    /** The same in large print, on several sheets. */
    public static function large(CardContents $contents): string
    {
        return (string) self::laidOut($contents, CardFit::largePrint())->output();
    }

    private static function laidOut(CardContents $contents, CardFit $fit): Dompdf
    {
        $pdf = Sheet::empty();
        $pdf->setPaper('letter');
        $pdf->loadHtml(view('documents.card', ['contents' => $contents, 'fit' => $fit])->render());
        $pdf->render();

        return $pdf;
    }
}
