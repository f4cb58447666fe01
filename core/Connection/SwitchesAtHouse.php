<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Deed;
use Underpin\Assembly\Element;
use Underpin\Assembly\Line;
use Underpin\Assembly\Part;
use Underpin\Assembly\PartKind;
use Underpin\Assembly\Task;
use Underpin\Codebook\Source;
use Underpin\Job\Panel;
use Underpin\Refused;
use Underpin\Sizing\Supply;

/** The part of the thing that will be built that automatic switches add: each with the panel that it feeds. */
final class SwitchesAtHouse
{
    private const TROUGH = 'taps';

    /**
     * @param  array<string, Panel>  $panels  each by the name of its switch
     *
     * @throws Refused when no conductor of the tables carries what the machine gives
     */
    public static function build(Situation $situation, Supply $supply, SwitchMake $make, array $panels): Assembly
    {
        $parts = [];
        $most = null;
        $ids = self::ids(count($panels));
        foreach (array_keys($panels) as $i => $name) {
            array_push($parts, ...self::without((new SwitchAhead($situation, $panels[$name], $ids[$i], $name, $make))->parts(), $parts));
            array_push($parts, ...MachineControl::of($supply->machine->form, $ids[$i], $name));
            $most = max($most ?? 0, self::amps($situation, $panels[$name]) ?? 0) ?: null;
        }
        $first = array_values($panels)[0] ?? null;
        $charger = $first === null ? [] : MachineControl::charger($supply->machine->form, new HousePanel($situation, $first));
        $parts = $panels === [] ? [new Component(
            'switch', ComponentKind::Switch, SwitchMake::Automatic->value, task: $make->task(null), order: $make->value,
        )] : $parts;
        $feed = new GeneratorFeed($situation, $supply, $most);
        $taps = count($ids) > 1 ? self::taps($ids, $feed->breakerAmps, array_keys($panels)) : [];
        $built = $feed->assembly(FirstBreaker::atMachine(
            'Breaker at the machine', $taps === [] ? 'switch' : self::TROUGH, Source::nec('240.4, 445.13'), ', at its terminals',
        ), [...$taps === [] ? [] : [self::trough()], ...$parts, ...$charger]);

        return $built->with(...$taps, ...self::shed($situation));
    }

    /** @return list<Deed> */
    private static function shed(Situation $situation): array
    {
        $count = count($situation->job->connection->shed);

        return $count === 0 ? [] : [new Deed(
            'shed', Task::ShedRelay, $count, 'loads that are shed', new Part(PartKind::Other, 'Load-shedding relay'),
        )];
    }

    /** The rating that a switch of a panel needs; null: not known. */
    public static function amps(Situation $situation, Panel $panel): ?int
    {
        return (new AtService($situation, $panel))->switchAmps();
    }

    /** @return list<string> of the switches */
    private static function ids(int $count): array
    {
        return array_map(fn (int $n): string => $n === 1 ? 'switch' : "switch-$n", $count === 0 ? [] : range(1, $count));
    }

    private static function trough(): Component
    {
        return new Component(self::TROUGH, ComponentKind::Box, 'Trough with taps', task: Task::Taps, lines: [new Line(
            'Taps', 'one for each switch, each with a breaker at its end',
            'Up to 10 ft a tap carries at least a tenth of the breaker ahead and what it feeds; up to 25 ft at least a third. In a '
                .'raceway, '
                .'off no other tap.',
            Source::nec('240.21(B)'),
        )]);
    }

    /**
     * @param  list<string>  $ids  of the switches
     * @param  list<string>  $names
     * @return list<Element>
     */
    private static function taps(array $ids, int $amps, array $names): array
    {
        return array_map(fn (string $id, string $name, int $n): Element => Bundle::between(
            "tap:$id", ConductorKind::Feeder, Bundle::feeder(true), Ends::side(self::TROUGH, "tap $n"), Ends::side($id, 'generator'), $amps,
            all: [new Line(
                "Tap $n", "to the $name", 'From the trough to the generator side of that switch: both hots, neutral and ground.',
                Source::nec('240.21(B), 250.122'),
            )],
        ), $ids, $names, range(1, count($ids)));
    }

    /**
     * What several of them share is there once.
     *
     * @param  list<Element>  $parts
     * @param  list<Element>  $have
     * @return list<Element>
     */
    private static function without(array $parts, array $have): array
    {
        $ids = array_map(fn (Element $e): string => $e->id(), $have);

        return array_values(array_filter($parts, fn (Element $e): bool => ! in_array($e->id(), $ids, true)));
    }
}
