<?php

declare(strict_types=1);

namespace Underpin\Outage;

use Underpin\Design\Design;
use Underpin\Job\Circuit;
use Underpin\Job\Load;
use Underpin\Loads\FirstOn;
use Underpin\Say;
use Underpin\Sizing\Supply;
use Underpin\Sizing\Turns\DayOfTurns;

/** What can be put beside a trial: one thing that is different each time. */
final class Alternatives
{
    /**
     * @param  list<Supply>  $machines  others that could be taken
     * @return list<Alternative>
     */
    public static function of(Design $design, Trial $trial, array $machines): array
    {
        $plan = $design->onGenerator();
        $id = fn (Supply $supply): string => $supply->id();

        return [
            ...self::softStarted($plan->must, $trial),
            ...self::turns($plan->must, $trial),
            ...$trial->withRoom || $plan->room === [] ? [] : [
                new Alternative(Change::Room, '', 'with what has a place when there is room', $trial->with(withRoom: true)),
            ],
            ...array_map(
                fn (Order $order): Alternative => new Alternative(
                    Change::Order, $order->value, $order->words(), $trial->with(order: $order),
                ),
                array_values(array_filter(Order::cases(), fn (Order $order): bool => $order !== $trial->order)),
            ),
            ...$trial->idles || $trial->supply->machine->plate->idleMode !== true ? [] : [
                new Alternative(Change::Idle, '', 'with idle mode left on', $trial->with(idles: true)),
            ],
            ...array_map(fn (Supply $supply): Alternative => new Alternative(
                Change::Machine, $supply->id(), "on {$supply->words()}", $trial->with(supply: $supply),
            ), array_values(array_filter($machines, fn (Supply $supply): bool => $id($supply) !== $id($trial->supply)))),
            ...array_map(fn (Circuit $circuit): Alternative => new Alternative(
                Change::Without, $circuit->id, "without {$circuit->title()}", $trial->with(without: [...$trial->without, $circuit->id]),
            ), array_values(array_filter($plan->must, self::mayStayOff(...)))),
        ];
    }

    /** Nobody is told to do without what keeps somebody alive, or wakes them. */
    private static function mayStayOff(Circuit $circuit): bool
    {
        return ! $circuit->isMedical() && FirstOn::of($circuit) !== FirstOn::Alarm;
    }

    /**
     * @param  list<Circuit>  $must
     * @return list<Alternative> none: they fit together, or no day of turns makes them fit
     */
    private static function turns(array $must, Trial $trial): array
    {
        $fed = array_values(array_filter($must, fn (Circuit $circuit): bool => $trial->supply->canFeed($circuit)));
        $day = $trial->turns === null ? DayOfTurns::of($trial->supply, $fed) : null;

        return $day === null || $day->turning === [] ? [] : [new Alternative(
            Change::Turns, '', $day->unserved === [] ? 'with everything taking turns'
                : 'taking turns, without '.Say::list(array_map(fn (Circuit $c): string => $c->title(), $day->unserved), 3),
            $trial->with(turns: $day, without: [...$trial->without, ...array_map(fn (Circuit $c): string => $c->id, $day->unserved)]),
        )];
    }

    /**
     * @param  list<Circuit>  $must
     * @return list<Alternative> for each motor that draws more to start, the hardest first
     */
    private static function softStarted(array $must, Trial $trial): array
    {
        $surplus = fn (Circuit $circuit): float => $circuit->startAmps() - $circuit->runAmps();
        $motors = array_filter($must, fn (Circuit $circuit): bool => $surplus($circuit) > 0
            && array_filter($circuit->loads, fn (Load $load): bool => $load->kind->isMotor() && $load->startW !== null) !== []);
        usort($motors, fn (Circuit $x, Circuit $y): int => $surplus($y) <=> $surplus($x));

        return array_map(fn (Circuit $circuit): Alternative => new Alternative(
            Change::SoftStarter, $circuit->id, "with a soft starter on {$circuit->title()}", $trial->with(softStarted: $circuit->id),
        ), $motors);
    }

    /**
     * @param  list<Alternative>  $alternatives
     * @return ?Alternative null: there is none of that key
     */
    public static function named(array $alternatives, string $key): ?Alternative
    {
        foreach ($alternatives as $alternative) {
            if ($alternative->key === $key) {
                return $alternative;
            }
        }

        return null;
    }
}
