<?php

declare(strict_types=1);

namespace App\Bench;

use RuntimeException;
use Underpin\Design\Design;
use Underpin\Job\Circuit;
use Underpin\Job\Fuel;
use Underpin\Job\Generator;
use Underpin\Job\GeneratorNeutral;
use Underpin\Job\Job;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Job\Machine;
use Underpin\Job\MachineKind;
use Underpin\Job\Outlet;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;
use Underpin\Job\Position;
use Underpin\Job\Rating;
use Underpin\Job\Role;
use Underpin\Job\Service;
use Underpin\Legs\Leg;
use Underpin\Outage\Acted;
use Underpin\Outage\House\House;
use Underpin\Outage\Many\Tally;
use Underpin\Outage\Many\Variations;
use Underpin\Outage\Scenario;
use Underpin\Outage\Simulation\ActedOutage;
use Underpin\Outage\Simulation\CyclingLoad;
use Underpin\Outage\Simulation\PlainOutage;
use Underpin\Outage\Simulation\PlainResult;
use Underpin\Outage\Trial;
use Underpin\Sizing\Turns\Room;
use Underpin\Sizing\Turns\TurnLoad;
use Underpin\Sizing\Turns\Turns;

/** What it costs to act outages out. */
final class OutageFigures
{
    private const DAY_S = 86_400;

    private const KINDS = [LoadKind::Refrigeration, LoadKind::Boiler, LoadKind::Pump, LoadKind::Lighting, LoadKind::Outlets, LoadKind::Fan];

    /** How many times faster than a step for every second, thirty days of sixty loads; both must come to the same. */
    public static function faster(): float
    {
        $loads = self::cycles(60);
        [$fast, $events] = self::timed(fn (): PlainResult => self::plain($loads, 30 * self::DAY_S));
        [$slow, $steps] = self::timed(fn (): PlainResult => SecondBySecond::of($loads, 30 * self::DAY_S, 60.0, 75.0));
        $steps = get_object_vars($steps);
        foreach (get_object_vars($events) as $name => $value) {
            $other = $steps[$name];
            if (! is_numeric($value) || ! is_numeric($other) || abs($value - $other) > 1e-6 * max(1.0, abs((float) $value))) {
                throw new RuntimeException("What comes of both differs: $name.");
            }
        }

        return $slow / $fast;
    }

    /** The same number of changes over ten times the time, to the cost of them in one. */
    public static function longer(): float
    {
        $short = self::cycles(60);
        $long = array_map(fn (Cycle $load): Cycle => $load->slower(10), $short);
        $ratios = [];
        for ($round = 0; $round < 5; $round++) {
            [$one] = self::timed(fn (): PlainResult => self::plain($short, 3 * self::DAY_S));
            [$ten] = self::timed(fn (): PlainResult => self::plain($long, 30 * self::DAY_S));
            $ratios[] = $ten / $one;
        }
        sort($ratios);

        return $ratios[2];
    }

    /** @return array<string, array{int, float}> changes, and seconds, by what was acted out */
    public static function byChanges(): array
    {
        $table = [];
        foreach ([1, 7, 30, 90] as $days) {
            foreach ([10, 60, 200] as $count) {
                $loads = self::cycles($count);
                $changed = fn (CyclingLoad $load): float => $load->changes();
                $changes = (int) array_sum(array_map($changed, self::loads($loads, $days * self::DAY_S)));
                [$seconds] = self::timed(fn (): PlainResult => self::plain($loads, $days * self::DAY_S));
                $table["$days days, $count loads"] = [$changes, $seconds];
            }
        }

        return $table;
    }

    /** Seconds of the full form: three days of forty loads, with every change kept. */
    public static function threeDays(): float
    {
        $design = self::design(40);
        $trial = new Trial($design->supply() ?? throw new RuntimeException('There is no machine.'));
        [$seconds] = self::timed(fn (): ?Acted => Acted::of($design, new Scenario(hours: 72, fetches: true), $trial));

        return $seconds;
    }

    /** @return array{float, float} seconds of a thousand outages of a day with 25 loads; MB that the second half of them took */
    public static function thousand(): array
    {
        $design = self::design(25);
        $trial = new Trial($design->supply() ?? throw new RuntimeException('There is no machine.'));
        $scenario = new Scenario(hours: 24, fetches: true);
        $tally = Tally::empty(100.0);
        $ids = array_map(fn (Circuit $circuit): string => $circuit->id, $design->plan()->must);
        $half = 0;
        [$seconds] = self::timed(function () use ($design, $trial, $scenario, $tally, $ids, &$half): void {
            for ($number = 0; $number < Variations::USUAL; $number++) {
                $variation = Variations::of($scenario, $number);
                $house = House::of($design, $variation, $trial) ?? throw new RuntimeException('There is nothing to act out.');
                $tally->add($variation, ActedOutage::of($house), $ids);
                $half = $number === Variations::USUAL / 2 ? self::heldBytes() : $half;
            }
        });

        return [$seconds, (self::heldBytes() - $half) / 1e6];
    }

    /** What is held for good: an outage that is over and not swept yet is not. */
    private static function heldBytes(): int
    {
        gc_collect_cycles();

        return memory_get_usage();
    }

    /** Seconds of turns of 20 loads over 96 slots that fill the legs so that the whole budget is spent. */
    public static function turns(): float
    {
        $slowest = 0.0;
        for ($seed = 1; $seed <= 4; $seed++) {
            mt_srand($seed);
            $loads = [];
            for ($i = 0; $i < 20; $i++) {
                $block = mt_rand(1, 4);
                $loads[] = new TurnLoad("l$i", Leg::cases()[$i % 3], mt_rand(20, 60) / 4, mt_rand(30, 60), 0, 96, $block, mt_rand(1, 9));
            }
            [$seconds] = self::timed(fn () => Turns::plan(new Room(96, 48, 48), $loads));
            $slowest = max($slowest, $seconds);
        }

        return $slowest;
    }

    /** kB of what the picture of thirty days with sixty loads asks for. */
    public static function pictureKb(): float
    {
        $design = self::design(60);
        $trial = new Trial($design->supply() ?? throw new RuntimeException('There is no machine.'));
        $acted = Acted::of($design, new Scenario(hours: 720, fetches: true), $trial) ?? throw new RuntimeException('There is nothing.');

        return strlen((string) json_encode($acted->picture(0.0, 720 * 3600.0, true))) / 1e3;
    }

    /** A house of so many loads, one a breaker, over as many panels as it takes. */
    private static function design(int $loads): Design
    {
        $panels = [];
        for ($panel = 0; $panel * 40 < $loads; $panel++) {
            $circuits = [];
            for ($space = 1; $space <= 40 && $panel * 40 + $space <= $loads; $space++) {
                $kind = self::KINDS[$space % count(self::KINDS)];
                $circuits[] = new Circuit(
                    "p$panel-$space", new Position($space), 20, "Circuit $space", role: Role::Must,
                    loads: [new Load("p$panel-l$space", "Load $space", $kind, 60.0 + 5 * $space, 200.0 + 12 * $space, 0.9)],
                );
            }
            $panels[] = new Panel(
                "p$panel", "Panel $panel", 40, $panel === 0 ? PanelKind::Main : PanelKind::Sub, 200, true, 1, false, $circuits,
            );
        }
        $machine = new Machine(
            'bench', 'Bench', MachineKind::Portable, 240, Outlet::Terminals, 200, GeneratorNeutral::Floating, false,
            [new Rating(Fuel::Gasoline, 20_000, 26_000, 0.5, null, 2.0)],
        );

        return new Design(new Job('Bench', new Service(amps: 200, panels: $panels), new Generator($machine, Fuel::Gasoline)));
    }

    /** @return list<Cycle> */
    private static function cycles(int $count): array
    {
        mt_srand(7);

        return array_map(fn (int $i): Cycle => new Cycle(
            Leg::cases()[$i % 3], (float) mt_rand(60, 900), mt_rand(300, 1500), mt_rand(600, 3000), mt_rand(0, 900),
        ), range(1, $count));
    }

    /**
     * @param  list<Cycle>  $loads
     * @return list<CyclingLoad>
     */
    private static function loads(array $loads, int $seconds): array
    {
        return array_map(fn (Cycle $load): CyclingLoad => new CyclingLoad(
            $load->leg, $load->watts, 1.0, Cycle::STARTS * $load->watts, 1, $load->onS, $load->offS, 0.0, $load->fromS, $seconds,
        ), $loads);
    }

    /** @param  list<Cycle>  $loads */
    private static function plain(array $loads, int $seconds): PlainResult
    {
        return PlainOutage::of(self::loads($loads, $seconds), $seconds, 60.0 * 240, 75.0 * 240);
    }

    /**
     * @template T
     *
     * @param  callable(): T  $work
     * @return array{float, T} seconds, and what came of it
     */
    private static function timed(callable $work): array
    {
        $begun = hrtime(true);
        $result = $work();

        return [(hrtime(true) - $begun) / 1e9, $result];
    }
}
