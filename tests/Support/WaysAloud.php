<?php

declare(strict_types=1);

namespace Tests\Support;

use Underpin\Assembly\Line;
use Underpin\Connection\OwnerStep;
use Underpin\Connection\Reason;
use Underpin\Connection\Way;
use Underpin\Connection\Ways;
use Underpin\Design\Design;
use Underpin\Job\Circuit;
use Underpin\Job\DemandInputs;
use Underpin\Job\DemandMethod;
use Underpin\Job\Disconnect;
use Underpin\Job\DisconnectPlace;
use Underpin\Job\Dwelling;
use Underpin\Job\Fuel;
use Underpin\Job\GeneratorNeutral;
use Underpin\Job\Job;
use Underpin\Job\LocalRules;
use Underpin\Job\Machine;
use Underpin\Job\MachineKind;
use Underpin\Job\Marking;
use Underpin\Job\Outlet;
use Underpin\Job\Panel;
use Underpin\Job\Protection;
use Underpin\Job\Rating;
use Underpin\Job\Role;
use Underpin\Job\Service;
use Underpin\Job\StartRoutine;
use Underpin\Job\WireRun;
use Underpin\Pricing\Estimate\WorkLine;
use Underpin\Pricing\Estimate\WorkList;
use Underpin\Sizing\Supply;

/** Everything that every way of connecting says, of houses between them different in all that a way asks for. */
final class WaysAloud
{
    public static function text(): string
    {
        $text = '';
        $before = [];
        foreach (self::houses() as $name => $job) {
            foreach (Ways::standard()->all() as $way) {
                [$verdict, $steps] = self::said($way, Houses::changed($job, connection: $way->key()));
                // What an owner does is written out where it differs from the house before.
                $text .= "== $name, {$way->key()}\n$verdict".(
                    ($before[$way->key()] ?? '') === $steps ? "  steps as before\n" : $steps
                )."\n";
                $before[$way->key()] = $steps;
            }
        }

        return $text;
    }

    /** @return array<string, Job> */
    private static function houses(): array
    {
        $panel = fn (Job $job): Panel => $job->service->panels[0];
        $plain = Houses::small(Houses::supply());
        $roles = fn (Job $job, callable $role): Job => Houses::changed($job, panels: [$panel($job)->with(
            circuits: array_map(fn (Circuit $c): Circuit => $c->with(role: $role($c)), $panel($job)->circuits),
        )]);
        $all = array_map(
            fn (int $i): Circuit => Houses::circuit((string) $i, 1, Role::Must, 100, 100, name: "Circuit $i"), range(5, 24),
        );

        return [
            'a plain house' => Houses::changed($plain, wire: new WireRun(25, 20)),
            'no machine yet' => Houses::small(),
            'a 120 V machine, multiwire not looked' => Houses::changed(
                Houses::small(Houses::supply(3000, 3600, 120, Outlet::Travel30)), panels: [$panel($plain)->with(hasMultiwire: null)],
                wire: new WireRun(25, 20),
            ),
            'a small 120 V machine on cords' => Houses::changed(
                Houses::small(Houses::supply(1800, 2200, 120, Outlet::Straight20, 20)), wire: new WireRun(40),
            ),
            'a standby on its terminals' => Houses::changed(
                Houses::small(Houses::supply(18_000, 18_000, 240, Outlet::Terminals, 80)), wire: new WireRun(null, 60),
            ),
            'a large outlet, lengths not known' => Houses::small(Houses::supply(12_000, 15_000, 240, Outlet::Straight50, 50)),
            'nothing must run' => $roles($plain, fn (Circuit $c): Role => Role::Off),
            'the range must run, protected circuits, no splices' => Houses::changed(
                $plain, rules: new LocalRules(splicesInPanel: false), panels: [$panel($plain)->with(circuits: array_map(
                    fn (Circuit $c): Circuit => $c->with(
                        role: Role::Must, protection: $c->position->poles === 1 ? Protection::Afci : $c->protection,
                    ),
                    $panel($plain)->circuits,
                ))],
            ),
            'too many for a switch' => Houses::changed($plain, panels: [$panel($plain)->with(spaces: 42, circuits: $all)]),
            'breakers beside the main, no interlock listed, multiwire' => Houses::changed(
                $plain, panels: [$panel($plain)->with(
                    interlockListed: false, hasMultiwire: true,
                    circuits: [Houses::circuit('1', 1, Role::Must, 400, 400, name: 'Office'), ...$panel($plain)->circuits],
                )],
            ),
            'breakers beside the main, interlock not looked up' => Houses::changed(
                $plain, panels: [$panel($plain)->with(
                    interlockListed: null, hasMultiwire: null,
                    circuits: [Houses::circuit('1', 2, Role::Must, 400, 400, name: 'Heater'), ...array_slice($panel($plain)->circuits, 1)],
                )],
            ),
            'a bonded neutral, and the cord first' => Houses::changed(
                Houses::small(new Supply(self::bonded(), Fuel::Gasoline)), routine: StartRoutine::cases()[1], wire: new WireRun(25, 20),
            ),
            'an inlet larger than the outlet, far away' => Houses::changed($plain, wire: new WireRun(25, 400, 50)),
            'an inlet smaller than the outlet' => Houses::changed(
                Houses::small(Houses::supply(12_000, 15_000, 240, Outlet::Straight50, 50)), wire: new WireRun(25, 20, 30),
            ),
            'a battery pair' => Houses::changed(
                Houses::small(new Supply(self::batteries(), Fuel::Stored)), wire: new WireRun(25, 20),
            ),
            'a standby behind a disconnect at the meter, calculated' => Houses::changed(
                Houses::small(Houses::supply(18_000, 18_000, 240, Outlet::Terminals, 80, MachineKind::Standby)),
                wire: new WireRun(null, 60),
                demand: new DemandInputs(DemandMethod::Optional, 240.0, new Dwelling(2000)),
                service: new Service(DisconnectPlace::Meter, [new Disconnect('m', 'Meter disconnect', 200, true, Marking::Service)]),
                serviceAmps: 200,
            ),
            'a standby and the main in the panel' => Houses::changed(
                Houses::small(Houses::supply(9_000, 9_000, 240, Outlet::Terminals, 45, MachineKind::Standby)), wire: new WireRun(null, 60),
                demand: new DemandInputs(DemandMethod::Optional, 240.0, new Dwelling(3000, heatingVa: 9000)),
                service: new Service(DisconnectPlace::Panel), serviceAmps: 200,
            ),
            'no main breaker' => Houses::changed($plain, panels: [$panel($plain)->with(mainAmps: null)]),
        ];
    }

    private static function batteries(): Machine
    {
        return new Machine(
            'p', 'Two stations', MachineKind::BatteryPair, 240, Outlet::Locking30, 30, GeneratorNeutral::Floating, false,
            [new Rating(Fuel::Stored, 6800, 11_200)], 6000,
        );
    }

    private static function bonded(): Machine
    {
        return new Machine(
            'b', 'Machine b', MachineKind::Portable, 240, Outlet::Locking30, 30, GeneratorNeutral::Bonded, true,
            [new Rating(Fuel::Gasoline, 7200, 9000)], 1000,
        );
    }

    /** @return array{string, string} the verdict with what is built, and what the owner does */
    private static function said(Way $way, Job $job): array
    {
        $design = new Design($job);
        $situation = $design->situation();
        $verdict = $way->verdict($situation);
        $assembly = $design->assembly();
        $titles = fn (array $circuits): string => implode(', ', array_map(fn (Circuit $c): string => $c->title(), $circuits));
        $step = fn (OwnerStep $s): string => "  $s->do".($s->because === '' ? '' : " | $s->because");
        $written = fn (array $steps): array => array_map($step, $steps);
        $lines = [
            $verdict->possible->name, "powers: {$titles($verdict->powers)}", "dead: {$titles($verdict->dead)}",
            'places: '.($verdict->switchPositions ?? '-'), 'in the way: '.$titles($way->inTheWay($situation)),
            ...array_map(fn (Reason $r): string => "- {$r->possible->name}: $r->text [{$r->source->words()}]", $verdict->reasons),
            ...array_map(fn (Line $l): string => "+ $l->part: $l->pick. $l->why [{$l->source->words()}]", $assembly?->lines() ?? []),
            ...array_map(fn (string $missing): string => "? $missing", $assembly->missing ?? []),
            "here: {$verdict->here()}; meter {$way->meter($situation)->words()}", 'work: '.implode(', ', array_map(
                fn (WorkLine $w): string => ($w->quantity + 0)." {$w->task->value}", WorkList::by($design, $way),
            )),
        ];
        $steps = [
            "night: {$way->atNight()}", "throws: {$way->throws()}", "caution: {$way->caution()}",
            'to the generator:', ...$written($way->toGenerator($situation, $assembly)), 'back:',
            ...$written($way->back($situation, $assembly)),
        ];

        return [implode("\n", $lines)."\n", implode("\n", $steps)."\n"];
    }
}
