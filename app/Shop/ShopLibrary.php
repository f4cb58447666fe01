<?php

declare(strict_types=1);

namespace App\Shop;

use App\Models\LibraryLoad;
use Underpin\Job\LoadKind;
use Underpin\Job\Role;
use Underpin\Loads\Library\LoadLibrary;
use Underpin\Loads\Library\TypicalLoad;
use Underpin\Loads\Library\Watts;

/** The typical loads of a shop as the core looks things up in them. */
final class ShopLibrary
{
    public static function of(int $shopId): LoadLibrary
    {
        return once(fn (): LoadLibrary => new LoadLibrary(fn (): array => array_values(
            array_map(self::load(...), LibraryLoad::query()->where('shop_id', $shopId)->orderBy('id')->get()->all()),
        )));
    }

    private static function load(LibraryLoad $row): TypicalLoad
    {
        return new TypicalLoad(
            $row->name, LoadKind::tryFrom($row->kind) ?? LoadKind::Other, $row->volts,
            new Watts($row->run_low_w, $row->run_usual_w, $row->run_high_w),
            new Watts($row->start_low_w, $row->start_usual_w, $row->start_high_w),
            $row->pf, Role::tryFrom($row->role) ?? Role::Off, array_values(array_filter(array_map(trim(...), explode(',', $row->words)))),
        );
    }
}
