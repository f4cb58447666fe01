<?php

declare(strict_types=1);

namespace Tests\Support;

use LogicException;
use Underpin\Assembly\Assembly;
use Underpin\Checks\Review;
use Underpin\Connection\Ways;
use Underpin\Connection\WayVerdict;
use Underpin\Design\Design;
use Underpin\Job\Authority;
use Underpin\Job\Circuit;
use Underpin\Job\Customer;
use Underpin\Job\DisconnectPlace;
use Underpin\Job\Fuel;
use Underpin\Job\Generator;
use Underpin\Job\GeneratorNeutral;
use Underpin\Job\Half;
use Underpin\Job\Job;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Job\LocalRules;
use Underpin\Job\Machine;
use Underpin\Job\MachineKind;
use Underpin\Job\OtherSource;
use Underpin\Job\OtherSourceKind;
use Underpin\Job\Outlet;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;
use Underpin\Job\Position;
use Underpin\Job\Protection;
use Underpin\Job\Rating;
use Underpin\Job\Role;
use Underpin\Job\Service;
use Underpin\Job\SwitchKind;
use Underpin\Job\WireRun;
use Underpin\Sizing\Supply;
use Underpin\StageKey;
use Underpin\Stages\Stages;

/** Houses and machines small enough to work out by hand. */
final class Houses
{
    public static function circuit(
        string $space,
        int $poles,
        Role $role,
        ?float $runW = null,
        ?float $startW = null,
        LoadKind $kind = LoadKind::Other,
        string $name = '',
        int $amps = 20,
        float $pf = 1.0,
        Protection $protection = Protection::None,
    ): Circuit {
        $id = "c$space";

        return new Circuit(
            $id, new Position((int) $space, $poles, Half::tryFrom(trim($space, '0123456789'))), $amps,
            $name === '' ? "circuit $space" : $name,
            $protection, $role, '',
            $runW === null ? [] : [new Load("$id-load", $name === '' ? "load $space" : $name, $kind, $runW, $startW, $pf)],
        );
    }

    /** A well pump on both legs, a fridge on A, a boiler on B, lights on B with room, a range left off. */
    public static function small(?Supply $supply = null, ?string $way = null, ?LocalRules $rules = null): Job
    {
        return self::job(
            'Small house', customer: new Customer('A. Person', '1 Some Street'), rules: $rules ?? new LocalRules, serviceAmps: 200,
            panels: [new Panel('main', 'Main panel', 20, PanelKind::Main, 200, true, 1, false, [
                self::circuit('5', 2, Role::Must, 1200, 4800, LoadKind::Pump, 'Well pump'),
                self::plugged(self::circuit('2', 1, Role::Must, 180, 1200, LoadKind::Refrigeration, 'Fridge'), true),
                self::plugged(self::circuit('4', 1, Role::Must, 240, 600, LoadKind::Boiler, 'Boiler', 15), false),
                self::plugged(self::circuit('8', 1, Role::Room, 120, 120, LoadKind::Lighting, 'Lights', 15), false),
                self::circuit('10', 2, Role::Off, 5000, 5000, LoadKind::Cooking, 'Range', 50),
            ], bonded: true)],
            supply: $supply, connection: $way, switchKind: SwitchKind::Pigtails,
            wire: $way === null ? new WireRun : new WireRun(25.0, 20.0),
            service: new Service(DisconnectPlace::Panel), otherSource: new OtherSource(OtherSourceKind::None),
        );
    }

    /** The same circuit with its loads said to have a plug for a cord, or none. */
    public static function plugged(Circuit $circuit, bool $plug): Circuit
    {
        return $circuit->with(loads: array_map(fn (Load $l): Load => $l->with(plug: $plug), $circuit->loads));
    }

    /** A job from what is said of it, whatever part that belongs to: `panels`, `supply`, `connection`, `figures` … */
    public static function job(string $name, mixed ...$said): Job
    {
        return self::changed(new Job($name), ...$said);
    }

    /** The same job with something else said of it. */
    public static function changed(Job $job, mixed ...$said): Job
    {
        $job = $job->named($said['name'] ?? $job->name);
        foreach ($said as $what => $value) {
            $job = match ($what) {
                'name' => $job,
                'customer' => $job->with($value),
                'notes' => $job->with(Changed::of($job->customer, notes: $value)),
                'rules' => $job->with(new Authority($value, $job->authority->profile)),
                'rulesProfile' => $job->with(new Authority($job->authority->rules, $value)),
                'service' => $job->with($job->service->with(place: $value->place, disconnects: $value->disconnects)),
                'serviceAmps' => $job->with($job->service->with(amps: $value)),
                'panels', 'existing' => $job->with($job->service->with(...[$what => $value])),
                'supply' => $job->with(new Generator($value?->machine, $value?->fuel, $job->generator->marginPct)),
                'marginPct' => $job->with($job->generator->withMargin($value)),
                'connection' => $job->with($job->connection->with(way: $value)),
                'routine' => $job->with($job->connection->with(routine: $value)),
                'wire', 'site' => $job->with($value),
                'switchKind', 'places' => $job->with($job->connection->with(...[$what => $value])),
                'otherSource' => $job->with($job->service->with(otherSource: $value)),
                'figures' => $job->with($job->basis->with(use: $value)),
                'figuresReason' => $job->with($job->basis->with(reason: $value)),
                'demand', 'recorded' => $job->with($job->basis->with(...[$what => $value])),
            };
        }

        return $job;
    }

    /** What a way of connecting means on a job. */
    public static function verdict(Job $job, string $way): WayVerdict
    {
        return Ways::standard()->find($way)->verdict((new Design($job))->situation());
    }

    /** What a way of connecting would build. */
    public static function built(Job $job, Supply $supply, string $way): Assembly
    {
        $job = self::changed($job, supply: $supply, connection: $way);

        $design = new Design($job);

        return $design->assembly() ?? throw $design->assemblyRefused() ?? new LogicException('No machine and no way.');
    }

    /** The furthest stage that a job has come to. */
    public static function reached(Review $review): StageKey
    {
        $stages = Stages::standard();

        return $stages->reached($stages->reports($review))->key();
    }

    public static function machine(
        float $runW = 7200,
        float $peakW = 9000,
        int $volts = 240,
        Outlet $outlet = Outlet::Locking30,
        int $outletAmps = 30,
        MachineKind $form = MachineKind::Portable,
        int $price = 1000,
        string $id = 'm',
    ): Machine {
        return new Machine(
            $id, "Machine $id", $form, $volts, $outlet, $outletAmps, GeneratorNeutral::Floating, false,
            [new Rating(Fuel::Gasoline, $runW, $peakW)], $price,
        );
    }

    public static function supply(
        float $runW = 7200,
        float $peakW = 9000,
        int $volts = 240,
        Outlet $outlet = Outlet::Locking30,
        int $outletAmps = 30,
        MachineKind $form = MachineKind::Portable,
    ): Supply {
        return new Supply(self::machine($runW, $peakW, $volts, $outlet, $outletAmps, $form), Fuel::Gasoline);
    }

    /** A 42-space schedule as a spreadsheet writes it, with a load on nearly every circuit. */
    public static function schedule42(): string
    {
        $rows = ['Space;Poles;Amps;Circuit;Protection;Role;Load;Kind;Run_W;Start_W;PF;Colour'];
        foreach ([1, 9, 17, 10, 18, 26] as $i => $space) {
            $rows[] = "$space;2;".(20 + 5 * $i).";Two-pole $space;none;off;Heater $space;electric heat;\"2,400\";;1;red";
        }
        foreach (
            [
                5, 7, 13, 15, 21, 23, 25, 27, 29, 31, 33, 35, 37, 39, 41, 2, 4, 6, 8, 14, 16, 22, 24, 30, 32, 34, 36, 38, 40, 42,
            ] as $i => $space
        ) {
            $rows[] = "$space;1;".($i % 2 ? 15 : 20).";Circuit $space;".['none', 'AFCI', 'GFCI', 'dual'][$i % 4].";;Load $space;outlets;"
                .(100 + 10 * $i).';;0,95;';
            if ($i % 2) {
                $rows[] = "$space;;;;;;Second $space;lighting;40;;;";
            }
        }

        return "\u{FEFF}".implode("\r\n", $rows)."\r\n\r\n";
    }
}
