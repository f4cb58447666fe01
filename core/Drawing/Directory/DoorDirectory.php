<?php

declare(strict_types=1);

namespace Underpin\Drawing\Directory;

use Underpin\Connection\SwitchLayout;
use Underpin\Drawing\Anchor;
use Underpin\Drawing\Box;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Sheet;
use Underpin\Job\Circuit;
use Underpin\Job\Half;
use Underpin\Job\Panel;
use Underpin\Job\Role;

/**
 * The directory that is stuck to the inside of a panel's door (NEC 2023 408.4(A)): every space, what
 * it feeds and its rating, on one letter sheet whatever the size of the panel.
 */
final readonly class DoorDirectory
{
    private const WIDTH = 720;

    private const MOST_HEIGHT = 820;

    private const TOP = 66;

    private const TALLEST_ROW = 34;

    private const GAP = 16;

    private const NUMBER_W = 44;

    private const MARK_W = 6;

    /** width of a letter as a share of its size */
    private const LETTER = 0.56;

    private float $row;

    /** @param  ?SwitchLayout  $layout  of a multi-circuit switch beside it; null: there is none */
    public function __construct(private Panel $panel, private ?SwitchLayout $layout = null)
    {
        $this->row = min(self::TALLEST_ROW, (self::MOST_HEIGHT - self::TOP) / max(1, intdiv($panel->spaces, 2)));
    }

    public function drawing(): Drawing
    {
        $height = self::TOP + intdiv($this->panel->spaces, 2) * $this->row + 30;

        return new Drawing("Directory of {$this->panel->name}", Sheet::diagram(self::WIDTH, $height), [
            new Layer('head', $this->head()),
            new Layer('spaces', array_merge(...array_map($this->space(...), range(1, $this->panel->spaces)))),
            new Layer('circuits', array_merge([], ...array_map($this->circuit(...), $this->panel->circuits))),
            new Layer('foot', [new Text(
                0, $height - 6, 'Black bar: runs on the generator. Blank: spare or free.', DirectoryInk::Note,
            )]),
        ], $this->twin());
    }

    /** @return list<list<string>> a row for each space, in their order */
    private function twin(): array
    {
        $rows = [];
        foreach (range(1, $this->panel->spaces) as $space) {
            $here = array_filter($this->panel->circuits, fn (Circuit $c): bool => in_array($space, $c->position->spaces(), true));
            array_push($rows, ...$here === [] ? [[(string) $space, '', 'free', '']] : array_map(fn (Circuit $c): array => [
                (string) $space, "$c->breakerAmps A", $c->name, $c->role === Role::Off ? '' : 'runs on the generator',
            ], array_values($here)));
        }

        return [['Space', 'Rating', 'Circuit', 'In an outage'], ...$rows];
    }

    /** @return list<Element> */
    private function head(): array
    {
        return [
            new Text(0, 26, $this->panel->name, DirectoryInk::Title),
            new Text(0, 50, ucfirst("{$this->panel->mainWords()}, {$this->panel->spaces} spaces"), DirectoryInk::Note),
        ];
    }

    /** @return list<Element> */
    private function space(int $space): array
    {
        $box = $this->box($space, 1);

        return [
            new Rect(new Box($box->x, $box->y, self::NUMBER_W, $box->h), DirectoryInk::Row),
            new Rect(new Box($box->x + self::NUMBER_W, $box->y, $box->w - self::NUMBER_W, $box->h), DirectoryInk::Row),
            new Text($box->x + self::NUMBER_W / 2, $this->baseline($box), (string) $space, DirectoryInk::Number, Anchor::Middle),
        ];
    }

    /** @return list<Element> */
    private function circuit(Circuit $circuit): array
    {
        $whole = $this->box($circuit->position->space, $circuit->position->poles);
        $box = match ($circuit->position->half) {
            null => $whole,
            Half::Upper => new Box($whole->x, $whole->y, $whole->w, $this->row / 2),
            Half::Lower => new Box($whole->x, $whole->y + $this->row / 2, $whole->w, $whole->h - $this->row / 2),
        };
        $face = new Box($box->x + self::NUMBER_W, $box->y, $box->w - self::NUMBER_W, $box->h);
        $places = $this->layout?->placesOf($circuit) ?? [];
        $amps = "$circuit->breakerAmps A".($circuit->protection->mark() === '' ? '' : " {$circuit->protection->mark()}")
            .($places === [] ? '' : ", {$this->layout->words()} ".implode('–', $places));
        $room = $face->w - 24 - mb_strlen($amps) * DirectoryInk::Amps->pen()->size * self::LETTER;
        $isTall = min($box->h, $this->row) >= 24 && mb_strlen($circuit->name) <= self::letters($room, DirectoryInk::Name);
        $ink = $isTall ? DirectoryInk::Name : DirectoryInk::SmallName;

        return [
            ...$circuit->position->poles === 2 || $circuit->position->half !== null ? [new Rect($face, DirectoryInk::Face)] : [],
            ...$circuit->role === Role::Off ? [] : [new Rect(new Box($face->x, $face->y, self::MARK_W, $face->h), DirectoryInk::Backup)],
            new Text(
                $face->x + self::MARK_W + 6, $this->baseline($face),
                mb_strimwidth($circuit->name, 0, self::letters($room, $ink), '…'), $ink,
            ),
            new Text($face->right() - 6, $this->baseline($face), $amps, DirectoryInk::Amps, Anchor::End),
        ];
    }

    /** As many as there is room for. */
    private static function letters(float $room, DirectoryInk $ink): int
    {
        return max(4, (int) ($room / ($ink->pen()->size * self::LETTER)));
    }

    private function box(int $space, int $poles): Box
    {
        $column = (self::WIDTH - self::GAP) / 2;

        return new Box(
            $space % 2 === 1 ? 0 : $column + self::GAP, self::TOP + intdiv($space - 1, 2) * $this->row, $column, $poles * $this->row,
        );
    }

    private function baseline(Box $box): float
    {
        return $box->middle() + 5;
    }
}
