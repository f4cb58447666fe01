<?php

declare(strict_types=1);

namespace App\Shop;

use Illuminate\Support\Facades\DB;
use Underpin\Exchange\Schedule\Sheet\Meaning;

/** What a shop takes the columns of panel schedules for, by the words over them: said once, and known again. */
final class SheetWords
{
    private const LONGEST = 100;

    /** Of the many that could be, the newest are kept. */
    private const MOST = 500;

    /** @return array<string, ?Meaning> by word; null: such a column is left out */
    public static function of(int $shopId): array
    {
        $words = [];
        foreach (DB::table('sheet_words')->where('shop_id', $shopId)->get(['word', 'meaning']) as $row) {
            $words[(string) $row->word] = Meaning::tryFrom((string) $row->meaning);
        }

        return $words;
    }

    /** @param  array<string, ?Meaning>  $words */
    public static function remember(int $shopId, array $words): void
    {
        foreach ($words as $word => $meaning) {
            if ($word !== '' && mb_strlen((string) $word) <= self::LONGEST) {
                DB::table('sheet_words')->where('shop_id', $shopId)->where('word', (string) $word)->delete();
                // Of two people who say it in the same moment the first is heard.
                DB::table('sheet_words')->insertOrIgnore(['shop_id' => $shopId, 'word' => (string) $word, 'meaning' => $meaning?->value]);
            }
        }
        $last = DB::table('sheet_words')->where('shop_id', $shopId)->orderByDesc('id')->offset(self::MOST)->value('id');
        if ($last !== null) {
            DB::table('sheet_words')->where('shop_id', $shopId)->where('id', '<=', $last)->delete();
        }
    }
}
