<?php

declare(strict_types=1);

namespace App\Shop;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/** A kind of thing that belongs to the shop and has a history: a new one is one class more, and its place in ShopThings. */
interface ShopThing
{
    /** Its word in the history. */
    public function word(): string;

    /** @return Builder<covariant Model> of the things of a shop */
    public function of(int $shopId): Builder;

    /** The column that the history knows one by. */
    public function keyColumn(): string;

    /** The route of the page that lists them. */
    public function page(): string;
}
