<?php

declare(strict_types=1);

namespace Underpin\Drawing\Board;

use Underpin\Design\Design;
use Underpin\Drawing\Anchor;
use Underpin\Drawing\Box;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Group;
use Underpin\Drawing\Element\Link;
use Underpin\Drawing\Element\Path;
use Underpin\Drawing\Element\Point;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Element\Trace;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Sheet;
use Underpin\Drawing\Spot;
use Underpin\Job\Circuit;
use Underpin\Job\Panel;
use Underpin\Job\Position;
use Underpin\Legs\Leg;

/** The panel as it hangs on the wall: two columns of spaces, one inch each, legs by turns behind them. */
final readonly class PanelBoard
{
    /** millimetres of the height of one space */
    private const SPACE_MM = 25.4;

    private const EDGE = 4;

    private const MAIN_H = 56;

    private const MAIN_Y = 18;

    /** from a baseline to the middle of its letters */
    private const HALF_LETTER = 5;

    private BoardLayout $at;

    public function __construct(
        public Panel $panel, private Design $design, private Highlights $highlights = new Highlights, ?BoardSize $size = null,
    ) {
        $this->at = new BoardLayout($panel->spaces, $size ?? BoardSize::wide());
    }

    public function drawing(): Drawing
    {
        return new Drawing("{$this->panel->name}, {$this->panel->spaces} spaces", $this->sheet(), [
            new Layer('case', $this->enclosure()),
            new Layer('legs', $this->legs()),
            new Layer('free', array_map($this->free(...), $this->freeSpaces())),
            new Layer('interlock', [...$this->generator(), ...$this->plate()]),
            new Layer('breakers', array_map($this->breaker(...), $this->panel->circuits)),
        ], $this->twin());
    }

    /** @return list<list<string>> a row for each breaker, in the order of the spaces */
    private function twin(): array
    {
        $circuits = $this->panel->circuits;
        usort($circuits, fn (Circuit $x, Circuit $y): int => [$x->position->space, $x->position->half?->value]
            <=> [$y->position->space, $y->position->half?->value]);

        return [['Space', 'Leg', 'Amps', 'Name', 'Role'], ...array_map(fn (Circuit $c): array => [
            $c->label(), $c->position->leg()->value, (string) $c->breakerAmps, $c->name, $c->role->value,
        ], $circuits)];
    }

    public function sheet(): Sheet
    {
        return Sheet::scaled($this->at->size->width, $this->at->height(), self::SPACE_MM / $this->at->size->row);
    }

    public function breaker(Circuit $circuit): Link
    {
        $face = new BreakerFace($circuit, $this->at, in_array($circuit->id, $this->highlights->flagged, true));

        return $face->link($this->highlights->circuit === $circuit->id);
    }

    /** @return list<int> spaces that nothing sits in and nothing is planned for */
    private function freeSpaces(): array
    {
        return array_values(array_diff($this->panel->freeSpaces(), $this->generatorPosition()?->spaces() ?? []));
    }

    /** Where the generator breaker goes, once an interlock is picked and its spaces are free. */
    private function generatorPosition(): ?Position
    {
        return $this->hasInterlock() && $this->panel->inTheWayOfInterlock() === [] && $this->panel->spaces >= 4
            ? new Position($this->panel->interlockSpace, 2)
            : null;
    }

    private function hasInterlock(): bool
    {
        return $this->design->way()?->platedPanel($this->design->situation())?->id === $this->panel->id;
    }

    /** @return list<Element> */
    private function enclosure(): array
    {
        $main = new Box(($this->at->size->width - $this->at->size->main) / 2, self::MAIN_Y, $this->at->size->main, self::MAIN_H);
        $said = fn (float $y, string $words, BoardInk $ink): Text => new Text($main->centre(), $y, $words, $ink, Anchor::Middle);

        return [
            new Rect(new Box(1, 1, $this->at->size->width - 2, $this->at->height() - 2), BoardInk::Enclosure, 12),
            ...$this->panel->mainAmps === null
                ? [
                    new Rect($main, BoardInk::NoMain, 5),
                    $said($main->middle() + self::HALF_LETTER - 1, $this->panel->mainWords(), BoardInk::NoMainNote),
                ]
                : [
                    new Rect($main, BoardInk::Main, 5),
                    $said($main->y + 24, "MAIN {$this->panel->mainAmps} A", BoardInk::MainRating),
                    $said($main->y + 44, 'lugs above stay live', BoardInk::MainNote),
                ],
        ];
    }

    /** @return list<Element> */
    private function legs(): array
    {
        $elements = [];
        for ($odd = 1; $odd < $this->panel->spaces; $odd += 2) {
            $row = $this->at->row($odd);
            $leg = Position::legOfSpace($odd);
            $baseline = $row->middle() + self::HALF_LETTER;
            array_push(
                $elements,
                new Rect(
                    new Box($row->x + self::EDGE, $row->y, $row->w - 2 * self::EDGE, $row->h),
                    $leg === Leg::A ? BoardInk::BandA : BoardInk::BandB,
                ),
                new Text($this->at->size->numbers, $baseline, (string) $odd, BoardInk::SpaceNumber, Anchor::End),
                new Text($row->right() - $this->at->size->numbers, $baseline, (string) ($odd + 1), BoardInk::SpaceNumber),
                new Text($row->centre(), $baseline, $leg->value, $leg === Leg::A ? BoardInk::LetterA : BoardInk::LetterB, Anchor::Middle),
            );
        }

        return $elements;
    }

    private function free(int $space): Link
    {
        $box = $this->at->box(new Position($space));

        return new Link(
            Spot::space($this->panel->id, $space), 'free', '', "Space $space, free", '',
            $this->highlights->space === $space && $this->highlights->panel === $this->panel->id,
            ['space' => (string) $space, 'leg' => Position::legOfSpace($space)->value, 'free' => ''],
            [
                new Rect($box, BoardInk::FreeFace, 4),
                new Text($box->centre(), $box->middle() + self::HALF_LETTER, 'free', BoardInk::FreeWord, Anchor::Middle),
            ],
        );
    }

    /** @return list<Element> */
    private function generator(): array
    {
        $position = $this->generatorPosition();
        if ($position === null) {
            return [];
        }
        $box = $this->at->box($position);

        return [
            new Rect($box, BoardInk::Generator, 4),
            ...array_map(fn (string $line, int $i): Text => new Text(
                $box->centre(), $box->middle() + self::HALF_LETTER + $i, $line, BoardInk::GeneratorWord, Anchor::Middle,
            ), ...$this->at->size->isStacked
                ? [['Generator', 'breaker,', 'held down'], [-20, 0, 20]]
                : [['Generator breaker, held down'], [0]]),
        ];
    }

    /** @return list<Element> from the main's handle around the corner to the generator breaker's */
    private function plate(): array
    {
        if (! $this->hasInterlock()) {
            return [];
        }
        $isRight = BoardLayout::isRight($this->panel->interlockSpace);
        $x = fn (float $fromLeft): float => $isRight ? $this->at->size->width - $fromLeft : $fromLeft;
        $quarter = ($isRight ? -1 : 1) * tan(M_PI / 8);

        $corner = $this->at->size->plate;
        $atMain = ($this->at->size->width - $this->at->size->main) / 2 - 8;

        return [new Group('Interlock plate', [
            new Path([Trace::open([
                new Point($x($corner), 90), new Point($x($corner), 56, $quarter), new Point($x($corner + 6), 50),
                new Point($x($atMain), 50),
            ])], BoardInk::Plate),
            new Text(
                $x($this->at->size->isStacked ? $this->at->size->column : $corner + 8), 42, 'interlock', BoardInk::PlateWord,
                $isRight ? Anchor::End : Anchor::Start,
            ),
        ])];
    }
}
