<?php

declare(strict_types=1);

namespace Tests\Support;

use Underpin\JobFile\JobFile;
use Underpin\Loads\Load;
use Underpin\Loads\LoadKind;
use Underpin\Loads\Role;
use Underpin\Service\Circuit;
use Underpin\Service\Half;
use Underpin\Service\Panel;
use Underpin\Service\Protection;
use Underpin\Service\Slot;

/** Houses that nobody would think of, the same ones for the same seed. */
final class RandomHouse
{
    /** @param  bool  $known  every circuit has loads with all their figures */
    public static function job(int $seed, bool $known = false): JobFile
    {
        mt_srand($seed);
        $panels = [];
        foreach (range(1, mt_rand(1, 3)) as $n) {
            $panels[] = self::panel("p$n", 2 * mt_rand(4, 21), $known);
        }

        return new JobFile("House $seed", serviceA: 200, marginPct: mt_rand(0, 30), panels: $panels);
    }

    private static function panel(string $id, int $spaces, bool $known): Panel
    {
        $circuits = [];
        for ($space = 1; $space <= $spaces; $space++) {
            $poles = $space + 2 <= $spaces && mt_rand(0, 4) === 0 ? 2 : 1;
            $half = $poles === 1 && mt_rand(0, 6) === 0 ? Half::Upper : null;
            $slot = new Slot($space, $poles, $half);
            $clash = array_filter($circuits, fn (Circuit $c): bool => $c->slot->clashesWith($slot));
            if ($clash === [] && mt_rand(0, 3) > 0) {
                $circuits[] = self::circuit("$id-c$space", $slot, $known);
            }
        }

        return new Panel($id, "Panel $id", $spaces, mainA: mt_rand(0, 1) ? 100 : null, circuits: $circuits);
    }

    private static function circuit(string $id, Slot $slot, bool $known): Circuit
    {
        $loads = [];
        for ($n = 0; $n < mt_rand($known ? 1 : 0, 3); $n++) {
            $run = ! $known && mt_rand(0, 9) === 0 ? null : mt_rand(0, 12_000) / 10;
            $start = ! $known && mt_rand(0, 3) === 0 ? null : ($run ?? 0) + mt_rand(0, 30_000) / 10;
            $loads[] = new Load("$id-l$n", self::name(), LoadKind::cases()[mt_rand(0, 15)], $run, $start, mt_rand(70, 100) / 100);
        }

        return new Circuit(
            $id, $slot, [15, 20, 30, 50][mt_rand(0, 3)], self::name(), Protection::cases()[mt_rand(0, 3)], Role::cases()[mt_rand(0, 2)], mt_rand(0, 1) ? self::name() : '', $loads,
        );
    }

    private static function name(): string
    {
        return ['Pump', 'Küche, links', '=1+1', 'a "b"', "it's; here", '+5', 'Light 2', '-', '灯'][mt_rand(0, 8)];
    }
}
