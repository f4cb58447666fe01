<?php

declare(strict_types=1);

namespace Underpin\Drawing\Service;

use Underpin\Drawing\Anchor;
use Underpin\Drawing\Box;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Path;
use Underpin\Drawing\Element\Placed;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Element\Trace;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Sheet;
use Underpin\Drawing\Symbol;
use Underpin\Service\Distribution;
use Underpin\Service\DistributionPoint;

/** From the utility over the disconnects to every panel: columns by depth, rows by branch. */
final readonly class ServiceDrawing
{
    private const BOX_W = 172;

    private const BOX_H = 84;

    private const COLUMN = 212;

    private const ROW = 104;

    private const LEFT = 56;

    private const MARGIN = 8;

    private const TOP = 14;

    /** how far out of a box its feeders turn */
    private const BEND = 24;

    private const INDENT = 24;

    /** letters of a name that a box has room for */
    private const LETTERS = 17;

    /** @var array<string, float> middle of each box, by id with a blank before it */
    private array $middles;

    private int $rows;

    public function __construct(private Distribution $service)
    {
        $middles = [];
        $row = 0;
        $place = function (string $id) use (&$place, &$middles, &$row): float {
            $below = array_map(fn (DistributionPoint $n): float => $place($n->id), $this->service->fedBy($id));
            $middle = $below === [] ? self::TOP + self::ROW * $row++ + self::BOX_H / 2 : (min($below) + max($below)) / 2;

            return $middles[" $id"] = $middle;
        };
        $place(Distribution::METER);
        $this->middles = $middles;
        $this->rows = max(1, $row);
    }

    public function drawing(): Drawing
    {
        $points = $this->service->nodes;

        return new Drawing('From the utility to the panels', $this->sheet(), [
            new Layer('conductors', [
                new Text(0, $this->box($points[0])->middle() - 12, 'utility', ServiceInk::Note),
                ...array_map(fn (DistributionPoint $p): Path => $this->conductors($p), $points),
            ]),
            new Layer('equipment', array_merge(...array_map($this->equipment(...), $points))),
            new Layer('live-parts', array_merge(...array_map($this->live(...), $points))),
            new Layer('notes', array_merge(...array_map($this->notes(...), $points))),
        ], [['Part', 'Switch', 'Fed from', 'Neutral and ground'], ...array_map(fn (DistributionPoint $p): array => [
            $p->name, self::switchWords($p), $p->parent === null ? 'the utility' : $this->service->node($p->parent)->name ?? '',
            match ($p->bonded) {
                true => 'bonded here',
                false => 'apart',
                null => $p->parent === null ? '' : 'not looked',
            },
        ], $points)]);
    }

    public function sheet(): Sheet
    {
        $deepest = max([0, ...array_map(fn (DistributionPoint $n): int => $n->depth, $this->service->nodes)]);

        return Sheet::diagram(
            self::LEFT + $deepest * self::COLUMN + self::BOX_W + self::MARGIN, $this->rows * self::ROW + self::TOP,
        );
    }

    private function box(DistributionPoint $point): Box
    {
        return new Box(
            self::LEFT + $point->depth * self::COLUMN, $this->middles[" $point->id"] - self::BOX_H / 2, self::BOX_W, self::BOX_H,
        );
    }

    /** From the box before it; into the meter, from the edge. */
    private function conductors(DistributionPoint $point): Path
    {
        $to = $this->box($point);
        $ink = self::isUtilitys($point) ? ServiceInk::UtilityConductor : ServiceInk::Conductor;
        $source = $point->parent === null ? null : $this->service->node($point->parent);
        if ($source === null) {
            return new Path([Trace::through([0.0, $to->middle()], [$to->x, $to->middle()])], $ink);
        }
        $from = $this->box($source);
        $bend = $from->right() + self::BEND;

        return new Path([Trace::through(
            [$from->right(), $from->middle()], [$bend, $from->middle()], [$bend, $to->middle()], [$to->x, $to->middle()],
        )], $ink);
    }

    /** @return list<Element> */
    private function equipment(DistributionPoint $point): array
    {
        return [new Rect($this->box($point), $point->isService === true ? ServiceInk::ServicePoint : ServiceInk::Point, 8)];
    }

    /** @return list<Element> what of it stays live when it is switched off: its lugs, or all of it */
    private function live(DistributionPoint $point): array
    {
        $box = $this->box($point);

        return $point->parent === null ? [] : [new Rect(
            $point->offAmps === null ? new Box($box->x, $box->y, $box->w, 7) : new Box($box->x, $box->y, 14, $box->h),
            self::isUtilitys($point) ? ServiceInk::LiveFromUtility : ServiceInk::LiveFromFeeder, 3,
        )];
    }

    /** @return list<Element> */
    private function notes(DistributionPoint $point): array
    {
        $box = $this->box($point);
        $x = $box->x + self::INDENT;

        return [
            new Text($x, $box->y + 25, mb_strimwidth($point->name, 0, self::LETTERS, '…'), ServiceInk::Name),
            new Text($x, $box->y + 45, self::switchWords($point), ServiceInk::Note),
            ...match (true) {
                $point->bonded === true => [
                    new Placed(self::bondSign(), $x + 9, $box->y + 52),
                    new Text($x + 26, $box->y + 67, 'neutral bonded', ServiceInk::BondNote),
                ],
                $point->bonded === null && $point->parent !== null => [new Text($x, $box->y + 66, 'bond: not looked', ServiceInk::Note)],
                default => [],
            },
            ...$point->feederAmps === null ? [] : [
                new Text($box->x - 6, $box->middle() - 7, "$point->feederAmps A", ServiceInk::Feeder, Anchor::End),
            ],
        ];
    }

    private static function switchWords(DistributionPoint $point): string
    {
        return match (true) {
            $point->parent === null => 'no switch',
            $point->hasSwitch === false => 'main lugs only',
            $point->offAmps === null => 'main not looked at',
            default => ($point->kind === 'disconnect' ? 'disconnect' : 'main')." $point->offAmps A",
        };
    }

    /** Neutral to ground: the sign for earth under a stem. */
    private static function bondSign(): Symbol
    {
        $bar = fn (float $y, float $half): Trace => Trace::through([-$half, $y], [$half, $y]);

        return new Symbol('bond', [
            new Path([Trace::through([0.0, 0.0], [0.0, 7.0]), $bar(7, 9), $bar(11, 6), $bar(15, 3)], ServiceInk::Bond),
        ]);
    }

    /** Only the utility can switch these conductors off. */
    private static function isUtilitys(DistributionPoint $point): bool
    {
        return $point->parent === null || $point->parent === Distribution::METER;
    }
}
