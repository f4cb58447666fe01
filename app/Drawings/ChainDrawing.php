<?php

declare(strict_types=1);

namespace App\Drawings;

use Underpin\Service\Distribution;
use Underpin\Service\DistributionPoint;

/** Where every box of the chain from the utility to the panels lies: columns by depth, rows by branch. */
final readonly class ChainDrawing
{
    private const BOX_W = 172;

    private const BOX_H = 84;

    private const COLUMN = 212;

    private const ROW = 104;

    private const LEFT = 56;

    /** @var array<string, float> middle of each box, by id with a blank before it */
    private array $middles;

    private int $rows;

    public function __construct(public Distribution $chain)
    {
        $middles = [];
        $row = 0;
        $place = function (string $id) use (&$place, &$middles, &$row): float {
            $below = array_map(fn (DistributionPoint $n): float => $place($n->id), $this->chain->fedBy($id));
            $middle = $below === [] ? 14 + self::ROW * $row++ + self::BOX_H / 2 : (min($below) + max($below)) / 2;

            return $middles[" $id"] = $middle;
        };
        $place(Distribution::METER);
        $this->middles = $middles;
        $this->rows = max(1, $row);
    }

    public function width(): int
    {
        $deepest = max([0, ...array_map(fn (DistributionPoint $n): int => $n->depth, $this->chain->nodes)]);

        return self::LEFT + $deepest * self::COLUMN + self::BOX_W + 8;
    }

    public function height(): int
    {
        return $this->rows * self::ROW + 14;
    }

    public function box(DistributionPoint $node): Box
    {
        return new Box(self::LEFT + $node->depth * self::COLUMN, $this->middles[" $node->id"] - self::BOX_H / 2, self::BOX_W, self::BOX_H);
    }

    /** The conductors from the box before it. */
    public function path(DistributionPoint $node): string
    {
        $to = $this->box($node);
        $parent = $node->parent === null ? null : $this->chain->node($node->parent);
        if ($parent === null) {
            return sprintf('M0 %.1f H%.1f', $to->middle(), $to->x);
        }
        $from = $this->box($parent);
        $bend = $from->right() + 24;

        return sprintf('M%.1f %.1f H%.1f V%.1f H%.1f', $from->right(), $from->middle(), $bend, $to->middle(), $to->x);
    }

    /** Only the utility can switch these conductors off. */
    public function isUtilitys(DistributionPoint $node): bool
    {
        return $node->parent === null || $node->parent === Distribution::METER;
    }
}
