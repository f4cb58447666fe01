<?php

declare(strict_types=1);

namespace Underpin\Drawing\HookUp;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Bond;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\Conductor;
use Underpin\Assembly\Terminal;
use Underpin\Assembly\Wire;

/**
 * Where the enclosures of a hook-up diagram stand: a column for each step away from the machine, and between two columns a lane for
 * every wire. Nothing is placed by hand, however many circuits or switches there are.
 */
final class HookUpLayout
{
    private const LABELS = 84.0;

    private const LANE = 7.0;

    private const GAP = 26.0;

    private const MARGIN = 12.0;

    /** @var array<string, HookUpBox> by id */
    private array $boxes = [];

    /** @var array<string, int> column by id of the box */
    private array $columns = [];

    /** @var list<array{Wire, Conductor, list<array{float, float}>}> each wire with what it lies with and its corners */
    private array $runs = [];

    /** @var array<string, array{HookUpEnd, HookUpEnd}> ends of each wire by its id, the one nearer to the machine first */
    private array $ends = [];

    private float $width = 0.0;

    private float $height = 0.0;

    public function __construct(private readonly Assembly $built)
    {
        foreach ($built->components() as $component) {
            if ($component->inside === null && $this->isConnected($component)) {
                $this->boxes[$component->id] = new HookUpBox(
                    $component->id, $component->name, $this->rating($component), $this->isBonded($component),
                );
            }
        }
        $this->place();
        foreach ($built->wires() as $wire) {
            $ends = [$this->end($wire->from), $this->end($wire->to)];
            $this->ends[$wire->id] = $this->columns[$ends[0]->box] <= $this->columns[$ends[1]->box] ? $ends : [$ends[1], $ends[0]];
        }
        $this->terminals();
        $this->stand();
        $this->route();
    }

    /** @return array<string, HookUpBox> by id */
    public function boxes(): array
    {
        return $this->boxes;
    }

    /** @return list<array{Wire, Conductor, list<array{float, float}>}> each wire with what it lies with and its corners */
    public function runs(): array
    {
        return $this->runs;
    }

    public function width(): float
    {
        return $this->width;
    }

    public function height(): float
    {
        return $this->height;
    }

    /** Its own rating, and that of the breakers in it that are not branch breakers. */
    private function rating(Component $component): string
    {
        $inside = array_filter($this->built->components(), fn (Component $c): bool => $c->inside === $component->id
            && in_array($c->kind, [ComponentKind::Main, ComponentKind::Breaker], true) && $c->amps !== null);

        return implode(', ', array_filter([
            $component->designation, $component->amps === null ? '' : "$component->amps A",
            ...array_map(fn (Component $c): string => lcfirst($c->name)." $c->amps A", $inside),
        ], fn (string $s): bool => $s !== ''));
    }

    private function isBonded(Component $component): bool
    {
        return array_filter($this->built->bonds(), fn (Bond $b): bool => $b->at === $component->id) !== [];
    }

    private function isConnected(Component $component): bool
    {
        foreach ($this->built->wires() as $wire) {
            if ($this->enclosure($wire->from) === $component->id || $this->enclosure($wire->to) === $component->id) {
                return true;
            }
        }

        return false;
    }

    private function enclosure(Terminal $terminal): string
    {
        return $this->built->enclosure($terminal->component);
    }

    /** Steps from the machine; what nothing leads to any more stands after the rest. */
    private function place(): void
    {
        $pairs = [];
        foreach ($this->built->conductors() as $conductor) {
            array_push($pairs, ...$conductor->kind->isPower() ? array_map(
                fn (Wire $w): array => [$this->enclosure($w->from), $this->enclosure($w->to)], $conductor->wires,
            ) : []);
        }
        foreach (array_keys($this->boxes) as $start) {
            if (isset($this->columns[$start])) {
                continue;
            }
            $this->columns[$start] = $this->columns === [] ? 0 : max($this->columns) + 1;
            for ($queue = [$start]; $queue !== [];) {
                $id = array_shift($queue);
                foreach ($pairs as [$from, $to]) {
                    $next = $from === $id ? $to : ($to === $id ? $from : $id);
                    if (! isset($this->columns[$next])) {
                        $this->columns[$next] = $this->columns[$id] + 1;
                        $queue[] = $next;
                    }
                }
            }
        }
    }

    private function terminals(): void
    {
        $order = array_flip(array_keys($this->boxes));
        $wires = $this->built->wires();
        usort($wires, fn (Wire $x, Wire $y): int => [$this->column($x), $order[$this->ends[$x->id][1]->box] ?? 0]
            <=> [$this->column($y), $order[$this->ends[$y->id][1]->box] ?? 0]);
        foreach ($wires as $wire) {
            [$near, $far] = $this->ends[$wire->id];
            $this->boxes[$near->box] = $this->boxes[$near->box]->withTerminal($near->name, false);
            $this->boxes[$far->box] = $this->boxes[$far->box]->withTerminal(
                $far->name, $this->columns[$near->box] !== $this->columns[$far->box],
            );
        }
    }

    /** The column that a wire starts from. */
    private function column(Wire $wire): int
    {
        return min($this->columns[$this->enclosure($wire->from)], $this->columns[$this->enclosure($wire->to)]);
    }

    private function end(Terminal $terminal): HookUpEnd
    {
        $enclosure = $this->enclosure($terminal);
        $part = $terminal->component === $enclosure ? '' : array_values(array_filter(
            $this->built->components(), fn (Component $c): bool => $c->id === $terminal->component,
        ))[0]->name;

        return new HookUpEnd($enclosure, trim("$part $terminal->name"));
    }

    /**
     * How high each box stands follows from its terminals alone; how far apart the columns stand, from the wires that turn between
     * them.
     */
    private function stand(): void
    {
        $last = $this->columns === [] ? 0 : max($this->columns);
        for ($column = 0; $column <= $last; $column++) {
            $y = self::MARGIN;
            foreach ($this->inColumn($column) as $box) {
                $this->boxes[$box->id] = $box->standingAt(0.0, $y);
                $y += $box->height() + self::GAP;
            }
            $this->height = max($this->height, $y - self::GAP / 2);
        }
        $x = self::MARGIN;
        for ($column = 0; $column <= $last; $column++) {
            foreach ($this->inColumn($column) as $box) {
                $this->boxes[$box->id] = $box->standingAt($x, $box->box()->y);
            }
            $x = $this->edge($column) + ($column === $last ? 0 : self::LABELS + self::LANE * (count($this->lanes($column)) + 2));
        }
        $this->width = $x + self::MARGIN;
    }

    /** Where the widest box of a column ends. */
    private function edge(int $column): float
    {
        return max([0.0, ...array_map(fn (HookUpBox $b): float => $b->box()->right(), $this->inColumn($column))]);
    }

    /** It runs from box to box without a turn. */
    private function isStraight(Wire $wire): bool
    {
        [$near, $far] = $this->ends[$wire->id];
        $steps = $this->columns[$far->box] - $this->columns[$near->box];

        return $steps === 1
            && $this->boxes[$near->box]->screw($near->name, false)[1] === $this->boxes[$far->box]->screw($far->name, true)[1];
    }

    /** @return list<HookUpBox> */
    private function inColumn(int $column): array
    {
        return array_values(array_filter($this->boxes, fn (HookUpBox $b): bool => $this->columns[$b->id] === $column));
    }

    /** @return list<Wire> that start from a column, or turn in the gap behind it */
    private function lanes(int $column): array
    {
        return array_values(array_filter($this->built->wires(), function (Wire $wire) use ($column): bool {
            [$near, $far] = $this->ends[$wire->id];

            return ! $this->isStraight($wire) && ($this->columns[$near->box] === $column || $this->columns[$far->box] === $column + 1);
        }));
    }

    private function route(): void
    {
        $passing = 0;
        $lanes = array_map($this->turns(...), range(0, $this->columns === [] ? 0 : max($this->columns)));
        foreach ($this->built->conductors() as $conductor) {
            foreach ($conductor->wires as $wire) {
                [$near, $far] = $this->ends[$wire->id];
                [$from, $to] = [$this->columns[$near->box], $this->columns[$far->box]];
                [$x1, $y1] = $this->boxes[$near->box]->screw($near->name, false);
                [$x2, $y2] = $this->boxes[$far->box]->screw($far->name, $from !== $to);
                if ($this->isStraight($wire)) {
                    $this->runs[] = [$wire, $conductor, [[$x1, $y1], [$x2, $y2]]];

                    continue;
                }
                $out = $lanes[$from][$wire->id];
                if ($to - $from <= 1) {
                    $this->runs[] = [$wire, $conductor, [[$x1, $y1], [$out, $y1], [$out, $y2], [$x2, $y2]]];

                    continue;
                }
                $back = $lanes[$to - 1][$wire->id];
                $under = $this->below($from, $to) + self::LANE * $passing++;
                $this->runs[] = [$wire, $conductor, [
                    [$x1, $y1], [$out, $y1], [$out, $under], [$back, $under], [$back, $y2], [$x2, $y2],
                ]];
                $this->height = max($this->height, $under + self::MARGIN);
            }
        }
    }

    /** Where a wire passes under the boxes between two columns. */
    private function below(int $from, int $to): float
    {
        $between = array_filter($this->boxes, fn (HookUpBox $b): bool => $this->columns[$b->id] > $from && $this->columns[$b->id] < $to);

        return max([self::MARGIN, ...array_map(fn (HookUpBox $b): float => $b->box()->bottom(), array_values($between))]) + self::GAP / 2;
    }

    /**
     * Where each wire turns in the gap behind a column: those that go down the later the higher they start, those that go up the sooner.
     *
     * @return array<string, float> by id of the wire
     */
    private function turns(int $column): array
    {
        $keys = [];
        foreach ($this->lanes($column) as $wire) {
            [$near, $far] = $this->ends[$wire->id];
            $y1 = $this->boxes[$near->box]->screw($near->name, false)[1];
            $y2 = $this->boxes[$far->box]->screw($far->name, true)[1];
            $keys[$wire->id] = $y2 >= $y1 ? [1, -$y1] : [0, $y1];
        }
        asort($keys);
        $right = $this->edge($column);
        $turns = [];
        foreach (array_keys($keys) as $i => $id) {
            $turns[$id] = $right + self::LABELS + self::LANE * ($i + 1);
        }

        return $turns;
    }
}
