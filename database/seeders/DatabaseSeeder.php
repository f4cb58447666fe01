<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Access\PersonRole;
use App\Models\Shop;
use App\Models\User;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;

/** The demo shop: people, catalogue, three detailed jobs and about twenty small ones. All invented. */
final class DatabaseSeeder extends Seeder
{
    public const PASSWORD = 'demo-shop-2026';

    private const PEOPLE = [
        'Nell Varga' => PersonRole::Owner, 'Tobiah Renn' => PersonRole::Electrician, 'Saoirse Quill' => PersonRole::Apprentice,
    ];

    public function run(): void
    {
        if (! Shop::query()->exists()) {
            DB::transaction(fn () => $this->fill());
        }
    }

    private function fill(): void
    {
        $shop = Shop::query()->create(['name' => 'Ridge and Harbor Electric', 'phone' => '555-0119']);
        $people = [];
        foreach (self::PEOPLE as $name => $role) {
            $address = strtolower(strtok($name, ' ')).'@ridgeandharbor.example';
            $people[] = User::query()->create(
                ['shop_id' => $shop->id, 'name' => $name, 'email' => $address, 'password' => self::PASSWORD, 'role' => $role]
            );
        }
        CatalogueSeeder::fill($shop);
        DemoJobs::fill($shop, $people);
    }
}
