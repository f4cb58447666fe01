<?php

declare(strict_types=1);

namespace Underpin\Drawing\Labels;

use Underpin\Design\Design;
use Underpin\Drawing\Anchor;
use Underpin\Drawing\Box;
use Underpin\Drawing\DesignDrawing;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Element\Circle;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Line;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Sheet;
use Underpin\Job\Circuit;

/** Marks to stick beside the breakers: green with its number in the order, amber when there is room, red for what never runs. */
final class MarkSheets implements DesignDrawing
{
    private const COLUMNS = 3;

    private const WIDTH = 236.0;

    private const HEIGHT = 56.0;

    private const GAP = 6.0;

    private const A_SHEET = 45;

    private const LETTERS = 22;

    public function key(): string
    {
        return 'marks';
    }

    public function title(): string
    {
        return 'Marks for the breakers';
    }

    public function sheets(Design $design): array
    {
        if ($design->way() === null || $design->supply() === null) {
            return [];
        }
        $plan = $design->onGenerator();
        $spares = fn (Circuit $c): bool => ! $c->isSpare();
        $marks = [];
        foreach ($design->startOrder() as $n => $circuit) {
            $marks[] = [$circuit, (string) ($n + 1), 'order'];
        }
        foreach ($plan->room as $circuit) {
            $marks[] = [$circuit, 'when there is room', 'room'];
        }
        foreach ($design->way()->switchesAtPanel() ? array_filter($plan->off, $spares) : [] as $circuit) {
            $marks[] = [$circuit, 'leave off', 'off'];
        }
        $pages = array_chunk($marks, self::A_SHEET);

        return array_map(fn (array $page, int $i): Drawing => new Drawing(
            $this->title().(count($pages) === 1 ? '' : ', sheet '.($i + 1)),
            Sheet::diagram(self::COLUMNS * (self::WIDTH + self::GAP), (self::HEIGHT + self::GAP) * ceil(count($page) / self::COLUMNS)),
            [new Layer('marks', array_merge([], ...array_map($this->mark(...), $page, array_keys($page))))],
            [['Circuit', 'Mark'], ...array_map(fn (array $mark): array => [$mark[0]->title(), $mark[1]], $page)],
        ), $pages, array_keys($pages));
    }

    /**
     * @param  array{Circuit, string, string}  $mark
     * @return list<Element>
     */
    private function mark(array $mark, int $n): array
    {
        [$circuit, $says, $kind] = $mark;
        $x = ($n % self::COLUMNS) * (self::WIDTH + self::GAP);
        $y = intdiv($n, self::COLUMNS) * (self::HEIGHT + self::GAP);
        $name = new Text($x + 62, $y + ($kind === 'order' ? 33 : 22), mb_strimwidth($circuit->title(), 0, self::LETTERS, '…'),
            MarkInk::Name);
        $sign = match ($kind) {
            'order' => [new Circle($x + 28, $y + 28, 21, MarkInk::Order), new Text($x + 28, $y + 36, $says, MarkInk::OrderNumber,
                Anchor::Middle)],
            'room' => [new Rect(new Box($x + 8, $y + 8, 40, 40), MarkInk::Room, 6), new Text($x + 62, $y + 42, $says, MarkInk::RoomWords)],
            default => [
                new Line($x + 10, $y + 10, $x + 46, $y + 46, MarkInk::Off), new Line($x + 46, $y + 10, $x + 10, $y + 46, MarkInk::Off),
                new Text($x + 62, $y + 42, $says, MarkInk::OffWords),
            ],
        };

        return [new Rect(new Box($x, $y, self::WIDTH, self::HEIGHT), MarkInk::Cut), ...$sign, $name];
    }
}
