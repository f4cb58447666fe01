<?php

declare(strict_types=1);

namespace App\Documents;

use App\Documents\Card\CardContents;
use App\Documents\Card\CardFit;
use Illuminate\Support\Facades\Log;

/** The switching card on one letter sheet, as large as it goes; a house with very many breakers gets several. */
final readonly class CardPdf
{
    public static function of(CardContents $contents): string
    {
        $fit = CardFit::of($contents, Sheet::fonts());
        $sheet = self::laidOut($contents, $fit);
        while ($fit->isOneSheet && $sheet->pages() > 1) {
            Log::notice('A card was laid out again', ['points' => $fit->points]);
            $fit = $fit->smaller();
            $sheet = self::laidOut($contents, $fit);
        }

        return $sheet->written();
    }

    /** The same in large print, on several sheets. */
    public static function large(CardContents $contents): string
    {
        return self::laidOut($contents, CardFit::largePrint())->written();
    }

    private static function laidOut(CardContents $contents, CardFit $fit): Sheet
    {
        return Sheet::laidOut(view('documents.card', ['contents' => $contents, 'fit' => $fit])->render());
    }
}
