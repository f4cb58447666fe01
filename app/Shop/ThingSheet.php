<?php

declare(strict_types=1);

namespace App\Shop;

use App\Models\User;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use Underpin\Exchange\Lines\LineSheet;
use Underpin\Exchange\Schedule\RowFault;
use Underpin\Refused;

/**
 * A sheet of the shop's things: a row that is called like one that is there changes it, another is added. Each is a step of
 * the history.
 */
final class ThingSheet
{
    /**
     * @return array{int, int, list<RowFault>} added, changed, and what was not taken
     *
     * @throws Refused on "file"
     */
    public static function bringIn(User $user, SheetThing $of, string $bytes): array
    {
        $reading = LineSheet::read($of->form(), $bytes);
        $faults = $reading->faults;
        $added = $changed = 0;
        DB::transaction(function () use ($user, $of, $reading, &$faults, &$added, &$changed): void {
            foreach ($reading->lines as $number => $line) {
                try {
                    $row = $of->same($user->shop_id, $line);
                    $key = $row === null ? $of->newKey($user->shop_id, $line) : self::key($of, $row);
                    $columns = $of->columns($key, $line);
                    $label = $of->title($line).': brought in';
                    if ($row === null) {
                        ShopEditor::add($user, $of, $label, $columns);
                        $added++;
                    } else {
                        $fields = fn (Model $row): array => $of->line($row);
                        $isOther = ShopEditor::change($user, $of, $key, $label, $columns, $fields($row), $line->all(), $fields);
                        $changed += $isOther ? 1 : 0;
                    }
                } catch (Refused $refused) {
                    $faults[] = new RowFault($number, $refused->field, $refused->getMessage());
                }
            }
        });

        return [$added, $changed, $faults];
    }

    private static function key(SheetThing $of, Model $row): string
    {
        $key = $row->getAttribute($of->keyColumn());

        return is_scalar($key) ? (string) $key : '';
    }
}
