<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Shop;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Who may change what belongs to the shop. */
final class ShopPolicy
{
    /** Catalogue, load library and local rules: what jobs are built from. */
    public function stock(User $user, Shop $shop): Response
    {
        return $user->shop_id === $shop->id && $user->role->decides()
            ? Response::allow()
            : Response::deny('Not changed: catalogue, load library and local rules are for an electrician of the shop.');
    }

    /** Who belongs to it, as what, and what stands on its papers. */
    public function lead(User $user, Shop $shop): Response
    {
        return $user->shop_id === $shop->id && $user->role === PersonRole::Owner
            ? Response::allow()
            : Response::deny('Not changed: that is for the owner of the shop.');
    }
}
