<?php

declare(strict_types=1);

namespace Tests\Support;

use Underpin\Codebook\LocalRules;
use Underpin\Connection\ConnectionKind;
use Underpin\JobFile\Customer;
use Underpin\JobFile\JobFile;
use Underpin\Loads\Load;
use Underpin\Loads\LoadKind;
use Underpin\Loads\Role;
use Underpin\Service\Circuit;
use Underpin\Service\DisconnectPlace;
use Underpin\Service\Half;
use Underpin\Service\Panel;
use Underpin\Service\PanelKind;
use Underpin\Service\Protection;
use Underpin\Service\Service;
use Underpin\Service\Slot;
use Underpin\Sizing\Bond;
use Underpin\Sizing\Fuel;
use Underpin\Sizing\Machine;
use Underpin\Sizing\MachineForm;
use Underpin\Sizing\Outlet;
use Underpin\Sizing\Rating;
use Underpin\Sizing\Supply;
use Underpin\Wiring\WireRun;

/** Houses and machines small enough to work out by hand. */
final class Houses
{
    public static function circuit(string $space, int $poles, Role $role, ?float $runW = null, ?float $startW = null, LoadKind $kind = LoadKind::Other, string $name = '', int $amps = 20, float $pf = 1.0, Protection $protection = Protection::None): Circuit
    {
        $id = "c$space";

        return new Circuit(
            $id, new Slot((int) $space, $poles, Half::tryFrom(trim($space, '0123456789'))), $amps, $name === '' ? "circuit $space" : $name,
            $protection, $role, '', $runW === null ? [] : [new Load("$id-load", $name === '' ? "load $space" : $name, $kind, $runW, $startW, $pf)],
        );
    }

    /** A well pump on both legs, a fridge on A, a boiler on B, lights on B with room, a range left off. */
    public static function small(?Supply $supply = null, ?ConnectionKind $way = null, ?LocalRules $rules = null): JobFile
    {
        return new JobFile(
            'Small house', new Customer('A. Person', '1 Some Street'), $rules ?? new LocalRules, 200, 20.0,
            [new Panel('main', 'Main panel', 20, PanelKind::Main, 200, true, 1, false, [
                self::circuit('5', 2, Role::Must, 1200, 4800, LoadKind::Pump, 'Well pump'),
                self::circuit('2', 1, Role::Must, 180, 1200, LoadKind::Refrigeration, 'Fridge'),
                self::circuit('4', 1, Role::Must, 240, 600, LoadKind::Boiler, 'Boiler', 15),
                self::circuit('8', 1, Role::Room, 120, 120, LoadKind::Lighting, 'Lights', 15),
                self::circuit('10', 2, Role::Off, 5000, 5000, LoadKind::Cooking, 'Range', 50),
            ], bonded: true)],
            $supply, $way, $way === null ? new WireRun : new WireRun(25.0, 20.0),
            service: new Service(DisconnectPlace::Panel),
        );
    }

    public static function machine(float $runW = 7200, float $peakW = 9000, int $volts = 240, Outlet $outlet = Outlet::Locking30, int $outletA = 30, MachineForm $form = MachineForm::Portable, int $price = 1000, string $id = 'm'): Machine
    {
        return new Machine($id, "Machine $id", $form, $volts, $outlet, $outletA, Bond::Floating, false, [new Rating(Fuel::Gasoline, $runW, $peakW)], $price);
    }

    public static function supply(float $runW = 7200, float $peakW = 9000, int $volts = 240, Outlet $outlet = Outlet::Locking30, int $outletA = 30): Supply
    {
        return new Supply(self::machine($runW, $peakW, $volts, $outlet, $outletA), Fuel::Gasoline);
    }

    /** A 42-space schedule as a spreadsheet writes it, with a load on nearly every circuit. */
    public static function schedule42(): string
    {
        $rows = ['Space;Poles;Amps;Circuit;Protection;Role;Load;Kind;Run_W;Start_W;PF;Colour'];
        foreach ([1, 9, 17, 10, 18, 26] as $i => $space) {
            $rows[] = "$space;2;".(20 + 5 * $i).";Two-pole $space;none;off;Heater $space;electric heat;\"2,400\";;1;red";
        }
        foreach ([5, 7, 13, 15, 21, 23, 25, 27, 29, 31, 33, 35, 37, 39, 41, 2, 4, 6, 8, 14, 16, 22, 24, 30, 32, 34, 36, 38, 40, 42] as $i => $space) {
            $rows[] = "$space;1;".($i % 2 ? 15 : 20).";Circuit $space;".['none', 'AFCI', 'GFCI', 'dual'][$i % 4].";;Load $space;outlets;".(100 + 10 * $i).';;0,95;';
            if ($i % 2) {
                $rows[] = "$space;;;;;;Second $space;lighting;40;;;";
            }
        }

        return "\u{FEFF}".implode("\r\n", $rows)."\r\n\r\n";
    }
}
