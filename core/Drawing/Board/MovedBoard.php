<?php

declare(strict_types=1);

namespace Underpin\Drawing\Board;

use Underpin\Design\Design;
use Underpin\Drawing\Anchor;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Element\Circle;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Path;
use Underpin\Drawing\Element\Placed;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Element\Trace;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Sheet;
use Underpin\Drawing\Symbol;
use Underpin\Job\Circuit;
use Underpin\Job\Connection;
use Underpin\Job\Panel;
use Underpin\Job\Position;
use Underpin\Job\Role;
use Underpin\Legs\Leg;
use Underpin\Say;

/** Two boards side by side, each breaker that moves joined to where it goes, and what the legs carry before and after. */
final readonly class MovedBoard
{
    private const BETWEEN = 150.0;

    private const HEAD = 34.0;

    private const FOOT = 62.0;

    private Panel $after;

    private BoardLayout $at;

    public function __construct(private Panel $panel, private Design $design)
    {
        $this->after = PanelsAfter::after($panel, $design);
        $this->at = new BoardLayout($panel->spaces, BoardSize::wide());
    }

    public function drawing(): Drawing
    {
        $right = $this->at->size->width + self::BETWEEN;
        $asFound = new Design($this->design->job->with(new Connection), $this->design->ways);
        $foot = self::HEAD + $this->at->height() + 28;

        return new Drawing(
            "{$this->panel->name}, before and after",
            Sheet::diagram($right + $this->at->size->width, self::HEAD + $this->at->height() + self::FOOT), [
                new Layer('boards', [
                    $this->board(new PanelBoard($this->panel, $asFound), 'before', 0.0),
                    $this->board(new PanelBoard($this->after, $this->design), 'after', $right),
                ]),
                new Layer('moves', array_merge([], ...array_map($this->join(...), $this->moved(), array_keys($this->moved())))),
                new Layer('notes', [
                    new Text($this->at->size->width / 2, 22, 'Before', BoardInk::MoveNote, Anchor::Middle),
                    new Text($right + $this->at->size->width / 2, 22, 'After', BoardInk::MoveNote, Anchor::Middle),
                    new Text(4, $foot, 'Runs, of what is not left off: '.self::legs($this->panel), BoardInk::MoveNote),
                    new Text($right + 4, $foot, self::legs($this->after), BoardInk::MoveNote),
                    new Text(4, $foot + 24, 'Look before each move whether its conductors reach the new space.', BoardInk::MoveNote),
                ]),
            ], $this->twin(),
        );
    }

    private function board(PanelBoard $board, string $name, float $x): Placed
    {
        $elements = array_merge([], ...array_map(fn (Layer $layer): array => $layer->elements, $board->drawing()->layers));

        return new Placed(new Symbol($name, $elements), $x, self::HEAD);
    }

    /** @return list<array{Circuit, Circuit}> each that moves, as it is and as it will be, in the order in which they move */
    private function moved(): array
    {
        $order = $this->design->situation()->moves($this->panel)->moved();
        $rest = array_filter($this->panel->circuits, fn (Circuit $c): bool => ! in_array($c, $order, true));
        $moved = [];
        foreach ([...$order, ...$rest] as $circuit) {
            $after = $this->after->circuit($circuit->id);
            if ($after !== null && $after->position->label() !== $circuit->position->label()) {
                $moved[] = [$circuit, $after];
            }
        }

        return $moved;
    }

    /**
     * @param  array{Circuit, Circuit}  $pair
     * @return list<Element>
     */
    private function join(array $pair, int $n): array
    {
        [$out, $in] = [$this->aisle($pair[0]->position, false), $this->aisle($pair[1]->position, true)];
        $x = $this->at->size->width + 24 + $n * 16;
        $right = $this->at->size->width + self::BETWEEN;
        [$y1, $y2] = [self::HEAD + $out[2][1], self::HEAD + $in[2][1]];
        $corners = [];
        foreach ($out as [$u, $v]) {
            $corners[] = [$u, $v + self::HEAD];
        }
        array_push($corners, [$x, $y1], [$x, $y2]);
        foreach ([$in[2], $in[1], $in[0]] as [$u, $v]) {
            $corners[] = [$u + $right, $v + self::HEAD];
        }

        return [
            new Path([Trace::through(...$corners)], BoardInk::Move),
            new Circle($x, ($y1 + $y2) / 2, 13, BoardInk::MoveMark),
            new Text($x, ($y1 + $y2) / 2 + 5, (string) ($n + 1), BoardInk::MoveNumber, Anchor::Middle),
        ];
    }

    /**
     * From a breaker into the gap between the rows, so that no name is crossed out: along its lower edge on the left of a board,
     * along its upper edge on the right.
     *
     * @param  bool  $comes  from the left of the board; else it leaves to the right
     * @return array{array{float, float}, array{float, float}, array{float, float}}
     */
    private function aisle(Position $position, bool $comes): array
    {
        $box = $this->at->box($position);
        $isRight = $position->space % 2 === 0;
        $gap = $isRight ? $box->y - 2 : $box->bottom() + 2;
        $edge = $comes ? $box->x : $box->right();
        $beside = $edge + ($comes ? -5 : 5);

        return [[$edge, $box->middle()], [$beside, $box->middle()], [$beside, $gap]];
    }

    private static function legs(Panel $panel): string
    {
        $amps = [Leg::A->value => 0.0, Leg::B->value => 0.0];
        foreach ($panel->circuits as $circuit) {
            foreach ($circuit->role === Role::Off ? [] : [Leg::A, Leg::B] as $leg) {
                $amps[$leg->value] += $circuit->leg() === $leg || $circuit->leg() === Leg::AB ? $circuit->runAmps() : 0.0;
            }
        }

        return 'leg A '.Say::amps($amps[Leg::A->value]).', leg B '.Say::amps($amps[Leg::B->value]).'.';
    }

    /** @return list<list<string>> a row for each that moves */
    private function twin(): array
    {
        return [['Move', 'Circuit', 'From', 'To', 'Leg'], ...array_map(fn (array $pair, int $n): array => [
            (string) ($n + 1), $pair[0]->name, $pair[0]->label(), $pair[1]->label(),
            $pair[0]->position->leg() === $pair[1]->position->leg() ? 'the same' : "now {$pair[1]->position->leg()->value}",
        ], $this->moved(), array_keys($this->moved()))];
    }
}
