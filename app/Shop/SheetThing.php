<?php

declare(strict_types=1);

namespace App\Shop;

use Illuminate\Database\Eloquent\Model;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Refused;

/** A kind of thing of the shop that can be brought in and taken along as a sheet. */
interface SheetThing extends ShopThing
{
    /** The form of one row. */
    public function form(): Form;

    /** What one is called, in a row. */
    public function title(Values $line): string;

    /** The one of the shop that a row speaks of; null: it is new. */
    public function same(int $shopId, Values $line): ?Model;

    /** A key for a new one, which no other has. */
    public function newKey(int $shopId, Values $line): string;

    /**
     * @return array<string, mixed> the columns of its row in the database
     *
     * @throws Refused by field of the form
     */
    public function columns(string $key, Values $line): array;

    /**
     * @param  array<string, string>  $changed  what was typed, by field of the form
     * @return array<string, ?string> what changes along with them, by field of the form
     */
    public function follows(array $changed): array;

    /** @return array<string, float|int|string|bool|null> by field of the form */
    public function line(Model $row): array;
}
