<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Codebook\ManualSwitches;
use Underpin\Codebook\TransferSwitches;
use Underpin\Job\Circuit;
use Underpin\Legs\Leg;
use Underpin\Legs\LegBalancer;
use Underpin\Refused;
use Underpin\Service\Multiwire;

/**
 * Which circuit has which place of a multi-circuit switch. Its places alternate between the legs, odd ones on A;
 * a two-pole circuit, or the two halves of a multiwire one, take an odd place and the even one after it.
 * A circuit keeps the place that it was given; the others are laid out so that the legs carry the same.
 */
final readonly class SwitchLayout
{
    /**
     * @param  array<string, int>  $places  place of each circuit by its id with a blank before it
     * @param  list<string>  $notKept  titles of circuits whose given place could not be kept
     * @param  bool  $isPanel  it is a panel of its own, whose spaces are numbered in two columns
     */
    private function __construct(private array $places, public array $notKept, public bool $isPanel = false)
    {
    }

    /**
     * @param  list<Circuit>  $moved  that go on the switch, with their halves on opposite legs
     * @param  array<array-key, int>  $given  place by id of the circuit
     */
    public static function of(array $moved, array $given, Multiwire $multiwire): self
    {
        $size = ManualSwitches::with(self::poles($moved));
        if ($size === null) {
            return new self([], []);
        }
        $groups = self::groups($moved, $multiwire);
        try {
            return new self(self::lay($groups, $given, $size), []);
        } catch (Refused) {
            $asked = array_filter($moved, fn (Circuit $c): bool => isset($given[$c->id]));

            return new self(self::lay($groups, [], $size), array_values(array_map(fn (Circuit $c): string => $c->title(), $asked)));
        }
    }

    /**
     * The same in a transfer panel: two spaces, one below the other, are what two places side by side are on a switch.
     *
     * @param  list<Circuit>  $moved  that go into it
     */
    public static function inPanel(array $moved, Multiwire $multiwire): self
    {
        return self::poles($moved) > TransferSwitches::SUBPANEL_PLACES
            ? new self([], [], true)
            : new self(self::lay(self::groups($moved, $multiwire), [], TransferSwitches::SUBPANEL_PLACES), [], true);
    }

    /** What it is called beside a number: "switch" or "transfer panel". */
    public function words(): string
    {
        return $this->isPanel ? 'transfer panel' : 'switch';
    }

    /** Null: it is not on the switch. */
    public function placeOf(Circuit $circuit): ?int
    {
        return $this->places[" $circuit->id"] ?? null;
    }

    /** @return list<int> the one or two places, or spaces of a transfer panel, that it takes; none: it is not on it */
    public function placesOf(Circuit $circuit): array
    {
        $place = $this->placeOf($circuit);

        $taken = $place === null ? [] : ($circuit->position->poles === 2 ? [$place, $place + 1] : [$place]);

        return $this->isPanel ? array_map(self::space(...), $taken) : $taken;
    }

    /** The space of a panel that a place is: places 1 and 2 are spaces 1 and 3, then 2 and 4, then 5 and 7. */
    private static function space(int $place): int
    {
        $pair = intdiv($place - 1, 2);

        return 4 * intdiv($pair, 2) + $pair % 2 + ($place % 2 === 1 ? 1 : 3);
    }

    /** @param  list<Circuit>  $circuits */
    private static function poles(array $circuits): int
    {
        return array_sum(array_map(fn (Circuit $c): int => $c->position->poles, $circuits));
    }

    /** The circuit as the generator sees it: on the leg of its place. */
    public function onItsLeg(Circuit $circuit): Circuit
    {
        $place = $this->placeOf($circuit);

        return $place === null || $circuit->position->poles === 2 ? $circuit : $circuit->with(switchedTo: self::legOf($place));
    }

    public static function legOf(int $place): Leg
    {
        return $place % 2 === 1 ? Leg::A : Leg::B;
    }

    /**
     * @param  list<Circuit>  $moved
     * @return list<SwitchGroup>
     */
    private static function groups(array $moved, Multiwire $multiwire): array
    {
        $groups = $seen = [];
        foreach ($moved as $circuit) {
            if (isset($seen[" $circuit->id"])) {
                continue;
            }
            $partner = $multiwire->partnerOf($circuit);
            $other = array_values(array_filter($moved, fn (Circuit $c): bool => $c->id === $partner?->id))[0] ?? null;
            if ($other !== null) {
                $seen[" $other->id"] = true;
            }
            $groups[] = $other !== null && $circuit->leg() === Leg::B
                ? new SwitchGroup($other, $circuit)
                : new SwitchGroup($circuit, $other);
        }

        return $groups;
    }

    /**
     * What takes two places first, then what was given one: the rest finds its own.
     *
     * @param  list<SwitchGroup>  $groups
     * @param  array<array-key, int>  $given
     * @return array<string, int>
     *
     * @throws Refused when the places given cannot be kept
     */
    private static function lay(array $groups, array $given, int $size): array
    {
        $free = array_combine(range(1, $size), range(1, $size));
        $places = [];
        $wide = array_filter($groups, fn (SwitchGroup $g): bool => $g->isWide());
        $narrow = array_filter($groups, fn (SwitchGroup $g): bool => ! $g->isWide());
        $open = fn (SwitchGroup $g): bool => $g->asked($given) === null;
        foreach ([...$wide, ...$narrow] as $group) {
            $place = $group->asked($given);
            if ($place === null) {
                continue;
            }
            $takes = $group->isWide() ? [$place, $place + 1] : [$place];
            if ($group->isWide() && $place % 2 === 0 || array_diff($takes, $free) !== []) {
                throw new Refused('switch_places', 'These places cannot be kept together.');
            }
            $free = array_diff_key($free, array_flip($takes));
            $places += $group->from($place);
        }
        foreach (array_filter($wide, $open) as $group) {
            $fits = array_filter($free, fn (int $place): bool => $place % 2 === 1 && isset($free[$place + 1]));
            $place = array_key_first($fits) ?? throw new Refused('switch_places', 'No two places one after the other are left.');
            unset($free[$place], $free[$place + 1]);
            $places += $group->from($place);
        }

        return $places + self::balanced(array_values(array_filter($narrow, $open)), $groups, $places, $free, $size);
    }

    /**
     * @param  list<SwitchGroup>  $rest  one-pole circuits that may have any place
     * @param  list<SwitchGroup>  $groups  all
     * @param  array<string, int>  $places  of those that have one
     * @param  array<int, int>  $free
     * @return array<string, int>
     */
    private static function balanced(array $rest, array $groups, array $places, array $free, int $size): array
    {
        $load = [];
        foreach ($groups as $group) {
            foreach ($group->circuits() as $circuit) {
                $place = $places[" $circuit->id"] ?? null;
                if ($place !== null) {
                    $load[] = ['amps' => $circuit->runAmps(), 'leg' => $circuit->position->poles === 2 ? Leg::AB : self::legOf($place)];
                }
            }
        }
        $open = array_map(fn (SwitchGroup $g): array => ['amps' => $g->first->runAmps(), 'leg' => null], $rest);
        $wide = count(array_filter($load, fn (array $each): bool => $each['leg'] === Leg::AB));
        $legs = array_slice(LegBalancer::balance([...$load, ...$open], intdiv($size, 2) - $wide)->legs, count($load));
        $laid = [];
        foreach ($rest as $i => $group) {
            $place = (int) array_key_first(array_filter($free, fn (int $place): bool => self::legOf($place) === $legs[$i]));
            $laid += $group->from($place);
            unset($free[$place]);
        }

        return $laid;
    }
}
