<?php

declare(strict_types=1);

namespace Underpin\Drawing\OneLine;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Component;
use Underpin\Assembly\ConductorKind;
use Underpin\Connection\TransferKind;
use Underpin\Connection\TransferPoint;
use Underpin\Design\Design;
use Underpin\Drawing\Anchor;
use Underpin\Drawing\Box;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Path;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Element\Trace;
use Underpin\Service\DistributionPoint;

/** Where the sources meet: a band for every point of transfer, one below the other, with the disconnect ahead of it. */
final readonly class TransferBands
{
    private const DISCONNECT = [120.0, 190.0];

    private const MIDDLE = [350.0, 336.0];

    private const BAND_GAP = 34.0;

    private const LINE = 20.0;

    /** letters that a box of the middle, and one of a disconnect, have room for */
    private const LETTERS = 37;

    private const SHORT = 20;

    private OneLineWords $words;

    private ?Assembly $built;

    /**
     * @param  list<TransferPoint>  $points
     * @param  ?Component  $atHouse  the generator's breaker at the house; null: it sits in the machine, or nothing is built
     * @param  float  $firstY  where the first band begins
     */
    public function __construct(private Design $design, private array $points, private ?Component $atHouse, private float $firstY)
    {
        $this->words = new OneLineWords($design);
        $this->built = $design->assembly();
    }

    /** @return list<array{list<Element>, list<Element>, list<Element>}> */
    public function all(): array
    {
        return array_map($this->band(...), array_keys($this->points), $this->points);
    }

    /** @return array{list<Element>, list<Element>, list<Element>} */
    private function band(int $i, TransferPoint $point): array
    {
        $top = $this->top($i);
        $y = $this->crossing($i);
        [$x, $w] = self::MIDDLE;
        $box = new Box($x, $top, $w, $this->height($point) - self::BAND_GAP);
        $lines = $this->words->lines($point);
        $isCircuits = $point->kind === TransferKind::Circuits;
        $textTop = $top + self::LINE * ($point->kind === TransferKind::Plate ? 4.6 : 5.2);
        $id = $point->kind === TransferKind::Plate ? 'interlock' : ($i === 0 ? 'switch' : 'switch-'.($i + 1));
        $symbols = [OneLineSymbols::part(
            $id, $this->words->title($point), [new Rect($box, OneLineInk::Box, 6), ...$this->meeting($point, $box, $y)],
        )];
        $notes = [
            new Text(
                $box->centre(), $top + 22, mb_strimwidth($this->words->title($point), 0, self::LETTERS, '…'), OneLineInk::Name,
                Anchor::Middle,
            ),
        ];
        foreach ($lines as $n => $line) {
            $notes[] = new Text($x + 16, $textTop + $n * self::LINE, mb_strimwidth($line, 0, self::LETTERS + 7, '…'), OneLineInk::Note);
        }
        $node = $point->panel === null ? null : $this->design->distribution()->node($point->panel->id);
        if ($node !== null && $node->bonded !== false && ! $isCircuits) {
            array_push($symbols, ...$node->bonded === true ? OneLineSymbols::bond($box->right() - 26, $box->bottom() - 18) : []);
            $notes[] = self::bondNote($node->bonded, $box->right() - 42, $box->bottom() - 10, Anchor::End);
        }
        [$left, $leftNotes, $from] = $this->disconnect($node, $y);
        $run = $this->built?->conductor(ConductorKind::Run);
        $breaker = $this->atHouse;
        $notes = [
            ...$notes, ...$leftNotes,
            ...$run === null ? [] : [new Text(
                $box->right() + 14, $y - 9, count($this->points) > 1 ? 'tap '.($i + 1) : OneLineWords::conductor($run, 'run'),
                OneLineInk::Note,
            )],
            ...$breaker === null ? [] : [new Text(
                OneLine::GENERATOR_X - 16, $y + 26, "$breaker->name, $breaker->amps A", OneLineInk::Note, Anchor::End,
            )],
        ];
        $outside = $breaker !== null && $point->kind !== TransferKind::Plate;
        $symbols = [
            ...$symbols, ...$left,
            ...$outside ? OneLineSymbols::breaker($box->right() + 240, $y, OneLineInk::Generators) : [],
        ];

        return [[
            new Path([Trace::through([OneLine::UTILITY_X, $y], [$from, $y])], OneLineInk::Conductor),
            ...$from === $box->x ? [] : [
                new Path([Trace::through([self::DISCONNECT[0] + self::DISCONNECT[1], $y], [$box->x, $y])], OneLineInk::Conductor),
            ],
            ...$this->built === null ? [] : [
                new Path([Trace::through([$box->right(), $y], [OneLine::GENERATOR_X, $y])], OneLineInk::Generators),
            ],
        ], $symbols, $notes];
    }

    /** @return list<Element> what is drawn inside the box */
    private function meeting(TransferPoint $point, Box $box, float $y): array
    {
        if ($point->kind !== TransferKind::Plate) {
            return OneLineSymbols::transfer($box->centre(), $y, $box->w / 2);
        }

        return [
            new Path([Trace::through([$box->x, $y], [$box->centre(), $y])], OneLineInk::Conductor),
            new Path([Trace::through([$box->centre(), $y], [$box->right(), $y])], OneLineInk::Generators),
            ...OneLineSymbols::breaker($box->x + 60, $y, OneLineInk::Conductor),
            ...OneLineSymbols::breaker($box->right() - 60, $y, OneLineInk::Generators),
            new Path(
                [
                    Trace::through(
                        [$box->x + 60, $y + 8], [$box->x + 60, $y + 24], [$box->right() - 60, $y + 24], [$box->right() - 60, $y + 8],
                    ),
                ],
                OneLineInk::Lock,
            ),
        ];
    }

    /**
     * The disconnect ahead of a panel, where there is one.
     *
     * @return array{list<Element>, list<Element>, float} symbols, notes, and where the utility's line ends
     */
    private function disconnect(?DistributionPoint $node, float $y): array
    {
        $ahead = $node?->parent === null ? null : $this->design->job->service->disconnect($node->parent);
        if ($ahead === null) {
            return [[], [], self::MIDDLE[0]];
        }
        [$x, $w] = self::DISCONNECT;
        $box = new Box($x, $y - 34, $w, 68);

        return [[
            new Rect($box, OneLineInk::Box, 6),
            ...$ahead->bonded === true ? OneLineSymbols::bond($box->right() - 22, $box->bottom() - 18) : [],
        ], [
            new Text($x + 12, $y - 12, mb_strimwidth($ahead->name, 0, self::SHORT, '…'), OneLineInk::Name),
            new Text($x + 12, $y + 7, "$ahead->amps A", OneLineInk::Note),
            self::bondNote($ahead->bonded, $x + 12, $y + 26, Anchor::Start),
        ], $x];
    }

    private function top(int $i): float
    {
        return $this->firstY + array_sum(array_map($this->height(...), array_slice($this->points, 0, $i)));
    }

    private function height(TransferPoint $point): float
    {
        return self::LINE * (6.2 + count($this->words->lines($point))) + self::BAND_GAP;
    }

    public function bottom(): float
    {
        return $this->top(count($this->points));
    }

    /** The height at which both sources come into a band. */
    public function crossing(int $i): float
    {
        return $this->top($i) + self::LINE * 2;
    }

    private static function bondNote(?bool $bonded, float $x, float $y, Anchor $anchor): Text
    {
        return new Text($x, $y, match ($bonded) {
            true => 'N–G bond',
            false => 'no bond',
            null => 'bond: not looked',
        }, $bonded === true ? OneLineInk::BondNote : OneLineInk::Note, $anchor);
    }
}
