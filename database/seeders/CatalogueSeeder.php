<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\JobFile\JobRows;
use App\Models\Shop;
use App\Shop\Machines;
use Underpin\Job\Part\LocalRulesPart;
use Underpin\Job\Part\MachineLine;
use Underpin\Money;
use Underpin\Pricing\Book\PartPrice;

/** The invented machines and authorities and the typical loads, as the first stock of a shop. */
final class CatalogueSeeder
{
    public static function fill(Shop $shop): void
    {
        self::fillInvented($shop);
        self::fillPrices($shop);
        self::fillLoads($shop);
    }

    private static function fillInvented(Shop $shop): void
    {
        /** @var array<string, array<string, mixed>> $profiles */
        $profiles = require database_path('data/rule-profiles.php');
        foreach ($profiles as $key => $rules) {
            $shop->ruleProfiles()->create(['key' => $key, 'rules' => LocalRulesPart::write(JobRows::rules($rules))]);
        }
        /** @var array<string, array<string, float|int|string|bool>> $machines */
        $machines = require database_path('data/machines.php');
        foreach ($machines as $key => $line) {
            $shop->machines()->create(Machines::held(MachineLine::read($key, MachineLine::form()->read((object) $line))));
        }
    }

    private static function fillPrices(Shop $shop): void
    {
        /** @var array{terms: array<string, mixed>, work: array<string, array<string, float>>, parts: list<list<float|int|string>>} $book */
        $book = require database_path('data/prices.php');
        $shop->update(['terms' => $book['terms']]);
        foreach ($book['work'] as $item => $row) {
            $shop->priceRows()->create(['item' => $item, ...$row]);
        }
        $now = now();
        $shop->partPrices()->insert(array_map(function (array $row) use ($shop, $now): array {
            [$part, $unit, $pack, $usd, $on, $supplier, $days] = $row;

            return [
                'shop_id' => $shop->id, 'key' => PartPrice::key((string) $part), 'part' => $part, 'unit' => $unit, 'pack' => $pack,
                'price_cents' => Money::usd((float) $usd)->cents, 'price_on' => $on, 'supplier' => $supplier, 'lead_days' => $days,
                'created_at' => $now, 'updated_at' => $now,
            ];
        }, $book['parts']));
    }

    /** Typical loads are nobody's invention: they are the stock of every shop. */
    public static function fillLoads(Shop $shop): void
    {
        $now = now();
        /** @var list<array{string, string, int, array{int, int, int}, array{int, int, int}, float, string, string}> $loads */
        $loads = require database_path('data/typical-loads.php');
        $shop->libraryLoads()->insert(array_map(fn (array $load): array => [
            'shop_id' => $shop->id, 'name' => $load[0], 'kind' => $load[1], 'volts' => $load[2],
            'run_low_w' => $load[3][0], 'run_usual_w' => $load[3][1], 'run_high_w' => $load[3][2],
            'start_low_w' => $load[4][0], 'start_usual_w' => $load[4][1], 'start_high_w' => $load[4][2],
            'pf' => $load[5], 'role' => $load[6], 'words' => $load[7], 'created_at' => $now, 'updated_at' => $now,
        ], $loads));
    }
}
