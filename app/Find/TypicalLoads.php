<?php

declare(strict_types=1);

namespace App\Find;

use App\Models\Job;
use App\Models\LibraryLoad;
use App\Models\User;
use App\Shop\ShopLibrary;
use Underpin\Loads\Library\TypicalLoad;

/** The shop's library, with the words that people use for its loads. */
final class TypicalLoads implements Place
{
    private const MOST = 5;

    public function find(string $text, User $user, ?Job $open): array
    {
        $found = ShopLibrary::of($user->shop_id)->find($text, 240, self::MOST);
        $ids = LibraryLoad::query()->where('shop_id', $user->shop_id)
            ->whereIn('name', array_map(fn (TypicalLoad $load): string => $load->name, $found))->pluck('id', 'name');

        return array_map(fn (TypicalLoad $load): Found => new Found(
            $load->name, 'typical load, '.number_format($load->runW->usual).' W', route('library.edit', $ids[$load->name]),
        ), $found);
    }
}
