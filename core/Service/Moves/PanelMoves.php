<?php

declare(strict_types=1);

namespace Underpin\Service\Moves;

use Underpin\Job\Circuit;
use Underpin\Job\Half;
use Underpin\Job\Panel;
use Underpin\Job\Position;
use Underpin\Service\Multiwire;

/**
 * The moves that free the spaces of an interlock in a panel, in the words of its circuits. The two halves of a multiwire
 * circuit, one below the other, move as a two-pole. NEC 2023 210.4(B), 408.54.
 */
final readonly class PanelMoves
{
    /** @param  array<string, list<Circuit>>  $circuits  of each breaker, by its id with a blank before it */
    private function __construct(private Panel $panel, public MovePlan $plan, private array $circuits)
    {
    }

    public static function of(Panel $panel, Multiwire $multiwire): self
    {
        $circuits = self::breakers($panel, $multiwire);
        $breakers = array_map(self::seated(...), array_values($circuits));
        $tandems = array_values(array_filter($panel->tandemSpaces->spaces ?? [], fn (int $space): bool => $space <= $panel->spaces));

        return new self(
            $panel, FewestMoves::of(new PanelRoom($panel->spaces, $breakers, $panel->interlockSpaces(), $tandems)), $circuits,
        );
    }

    public function moves(): int
    {
        return count($this->plan->moves);
    }

    /** @return list<Circuit> that move, as they are now */
    public function moved(): array
    {
        return array_merge([], ...array_map(fn (Move $move): array => $this->circuits[" {$move->breaker->id}"], $this->plan->moves));
    }

    /** @return list<string> each move in words, in the order in which it is made */
    public function words(): array
    {
        return array_map(function (Move $move): string {
            $names = implode(' and ', array_map(fn (Circuit $c): string => $c->title(), $this->circuits[" {$move->breaker->id}"]));
            $joins = isset($this->plan->tandems()[$move->to->space]) && $move->to->kind === SeatKind::OnePole;
            $leg = $move->changesLeg() ? ", now on leg {$move->to->leg()->value}" : '';

            return "$names to ".implode('–', $move->to->spaces()).($joins ? ', in a tandem breaker' : '').$leg;
        }, $this->plan->moves);
    }

    /** The panel once they are made. */
    public function after(): Panel
    {
        $panel = $this->panel;
        foreach ($this->plan->moves as $move) {
            $made = $this->plan->tandems()[$move->to->space] ?? [];
            foreach ($this->circuits[" {$move->breaker->id}"] as $i => $circuit) {
                $panel = $panel->withCircuit($circuit->with(position: self::position($circuit, $move, $i, $made)));
            }
        }
        foreach ($this->plan->tandems() as [$first]) {
            $stays = array_filter($this->plan->moves, fn (Move $move): bool => $move->breaker->id === $first) === [];
            $circuit = $this->circuits[" $first"][0];
            $panel = $stays ? $panel->withCircuit(
                $circuit->with(position: new Position($circuit->position->space, 1, Half::Upper)),
            ) : $panel;
        }

        return $panel;
    }

    /** @param  list<string>  $tandem  breakers of the new tandem at that space; empty: none is made there */
    private static function position(Circuit $circuit, Move $move, int $i, array $tandem): Position
    {
        $old = $circuit->position;
        $half = $move->to->kind === SeatKind::OnePole && $tandem !== []
            ? ($tandem[0] === $move->breaker->id ? Half::Upper : Half::Lower)
            : $old->half;
        // Two one-poles that move as a two-pole: the first goes to the upper space.
        $isPair = $move->to->kind === SeatKind::TwoPole && $old->poles === 1 && $old->half === null;

        return new Position($move->to->space + ($isPair ? 2 * $i : $old->space - $move->breaker->space), $old->poles, $half);
    }

    /**
     * @return array<string, non-empty-list<Circuit>> what is one piece of hardware, by the id of its first circuit with a blank
     * before it
     */
    private static function breakers(Panel $panel, Multiwire $multiwire): array
    {
        $breakers = $seen = [];
        foreach ($panel->circuits as $circuit) {
            if (isset($seen[" $circuit->id"])) {
                continue;
            }
            $all = [$circuit];
            for ($i = 0; $i < count($all); $i++) {
                $with = fn (Circuit $c): bool => ! in_array($c, $all, true) && self::areOne($all[$i], $c, $multiwire);
                array_push($all, ...array_values(array_filter($panel->circuits, $with)));
            }
            usort($all, fn (Circuit $x, Circuit $y): int => [$x->position->space, $x->position->half?->value]
                <=> [$y->position->space, $y->position->half?->value]);
            $breakers[" {$all[0]->id}"] = $all;
            $seen += array_fill_keys(array_map(fn (Circuit $c): string => " $c->id", $all), true);
        }

        return $breakers;
    }

    /** They share a space, or a neutral in two spaces one below the other. */
    private static function areOne(Circuit $one, Circuit $other, Multiwire $multiwire): bool
    {
        $shareSpace = array_intersect($one->position->spaces(), $other->position->spaces()) !== [];
        $pair = $multiwire->partnerOf($one)?->id === $other->id && $one->position->half === null && $other->position->half === null;

        return $shareSpace || ($pair && abs($one->position->space - $other->position->space) === 2);
    }

    /** @param  non-empty-list<Circuit>  $circuits */
    private static function seated(array $circuits): SeatedBreaker
    {
        $spaces = array_unique(array_merge(...array_map(fn (Circuit $c): array => $c->position->spaces(), $circuits)));
        $first = $circuits[0];

        return new SeatedBreaker(
            $first->id, min($spaces), count($spaces) === 1 ? 1 : 2, count($spaces) === 1 && $first->position->half !== null,
        );
    }
}
