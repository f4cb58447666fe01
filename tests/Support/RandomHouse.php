<?php

declare(strict_types=1);

namespace Tests\Support;

use Underpin\Job\Circuit;
use Underpin\Job\Disconnect;
use Underpin\Job\DisconnectPlace;
use Underpin\Job\Duty;
use Underpin\Job\FeederGround;
use Underpin\Job\Half;
use Underpin\Job\Job;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Job\Marking;
use Underpin\Job\Measured;
use Underpin\Job\Panel;
use Underpin\Job\PartOfDay;
use Underpin\Job\Position;
use Underpin\Job\Protection;
use Underpin\Job\RecordedPeak;
use Underpin\Job\Role;
use Underpin\Job\Season;
use Underpin\Job\Service;
use Underpin\Job\SpaceList;
use Underpin\Legs\Leg;

/** Houses that nobody would think of, the same ones for the same seed. */
final class RandomHouse
{
    /** @param  bool  $known  every circuit has loads with all their figures */
    public static function job(int $seed, bool $known = false): Job
    {
        mt_srand($seed);
        $panels = [];
        $service = self::service();
        foreach (range(1, mt_rand(1, 4)) as $n) {
            $panels[] = self::panel("p$n", 2 * mt_rand(4, 21), $known, $service, $panels);
        }

        return Houses::job(
            "House $seed", serviceAmps: 200, marginPct: mt_rand(0, 30), panels: $panels, service: $service,
            recorded: mt_rand(0, 1)
                ? new RecordedPeak(
                    mt_rand(1000, 20_000), '2026-01-05 17:15', mt_rand(1, 400), [300, 900, 3600][mt_rand(0, 2)], mt_rand(0, 9),
                    mt_rand(0, 1) === 1, mt_rand(0, 1) === 1, self::name(),
                )
                : null,
        );
    }

    private static function service(): Service
    {
        $place = [null, ...DisconnectPlace::cases()][mt_rand(0, 3)];
        $count = match ($place) {
            DisconnectPlace::Meter => mt_rand(0, 1),
            DisconnectPlace::Cabinet => mt_rand(0, 3),
            default => 0,
        };

        return new Service(
            $place,
            array_map(
                fn (int $d): Disconnect => new Disconnect(
                    "d$d", self::name(), mt_rand(60, 400), [null, true, false][mt_rand(0, 2)], [null, ...Marking::cases()][mt_rand(0, 2)],
                ),
                $count === 0 ? [] : range(1, $count),
            ),
        );
    }

    /** @param  list<Panel>  $before  panels that may feed it */
    private static function panel(string $id, int $spaces, bool $known, Service $service, array $before): Panel
    {
        $circuits = [];
        for ($space = 1; $space <= $spaces; $space++) {
            $poles = $space + 2 <= $spaces && mt_rand(0, 4) === 0 ? 2 : 1;
            $half = mt_rand(0, 6) === 0 ? Half::cases()[mt_rand(0, 1)] : null;
            $position = new Position($space, $poles, $half);
            $clash = array_filter($circuits, fn (Circuit $c): bool => $c->position->clashesWith($position));
            if ($clash === [] && mt_rand(0, 3) > 0) {
                $circuits[] = self::circuit("$id-c$space", $position, $known);
            }
        }

        $sources = [
            '', ...array_map(fn (Disconnect $d): string => $d->id, $service->disconnects),
            ...array_map(fn (Panel $p): string => $p->id, $before),
        ];
        $from = $sources[mt_rand(0, count($sources) - 1)];
        $feeders = [];
        foreach ($before as $panel) {
            foreach ($panel->id === $from ? $panel->circuits : [] as $circuit) {
                $feeders[] = $circuit->position->poles === 2 ? $circuit->id : '';
            }
        }

        return new Panel(
            $id, "Panel $id", $spaces, mainAmps: mt_rand(0, 1) ? 100 : null, circuits: $circuits, fedFrom: $from,
            feederAmps: mt_rand(0, 1) ? 60 : null,
            bonded: [null, true, false][mt_rand(0, 2)], tandemSpaces: mt_rand(0, 1) ? SpaceList::parse('1-'.mt_rand(1, $spaces)) : null,
            feederCircuit: $feeders === [] ? '' : $feeders[mt_rand(0, count($feeders) - 1)],
            feederGround: [null, ...FeederGround::cases()][mt_rand(0, 3)], otherBuilding: [null, true, false][mt_rand(0, 2)],
        );
    }

    private static function circuit(string $id, Position $position, bool $known): Circuit
    {
        $loads = [];
        for ($n = 0; $n < mt_rand($known ? 1 : 0, 3); $n++) {
            $run = ! $known && mt_rand(0, 9) === 0 ? null : mt_rand(0, 12_000) / 10;
            $start = ! $known && mt_rand(0, 3) === 0 ? null : ($run ?? 0) + mt_rand(0, 30_000) / 10;
            $loads[] = new Load(
                "$id-l$n", self::name(), LoadKind::cases()[mt_rand(0, 15)], $run, $start, mt_rand(70, 100) / 100, ...self::habits(),
            );
        }

        return new Circuit(
            $id, $position, [15, 20, 30, 50][mt_rand(0, 3)], self::name(), Protection::cases()[mt_rand(0, 3)],
            Role::cases()[mt_rand(0, 2)], mt_rand(0, 1) ? self::name() : '', $loads,
            mt_rand(0, 5) === 0 ? self::name() : '', [null, null, 15, 20][mt_rand(0, 3)],
            mt_rand(0, 3) === 0
                ? new Measured(
                    Leg::cases()[mt_rand(0, 2)], $amps = mt_rand(0, 200) / 10, $amps + mt_rand(0, 300) / 10, '2026-03-04',
                    mt_rand(0, 1) === 1,
                )
                : null,
        );
    }

    /** @return array{?Duty, ?float, ?float, ?Season, ?PartOfDay} */
    private static function habits(): array
    {
        $duty = [null, null, ...Duty::cases()][mt_rand(0, 4)];
        $cycle = fn (): ?float => $duty === Duty::Cycling && mt_rand(0, 1) ? (float) mt_rand(1, 900) : null;

        return [$duty, $cycle(), $cycle(), [null, null, ...Season::cases()][mt_rand(0, 3)], [null, ...PartOfDay::cases()][mt_rand(0, 4)]];
    }

    private static function name(): string
    {
        return ['Pump', 'Küche, links', '=1+1', 'a "b"', "it's; here", '+5', 'Light 2', '-', '灯'][mt_rand(0, 8)];
    }
}
