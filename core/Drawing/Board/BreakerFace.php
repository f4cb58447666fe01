<?php

declare(strict_types=1);

namespace Underpin\Drawing\Board;

use Underpin\Drawing\Anchor;
use Underpin\Drawing\Box;
use Underpin\Drawing\Element\Circle;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Link;
use Underpin\Drawing\Element\Path;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Element\Trace;
use Underpin\Drawing\Spot;
use Underpin\Job\Circuit;
use Underpin\Job\Role;

/**
 * One breaker of a board: its name, rating and handle, and on its outer edge the mark of its role,
 * which survives grey print. Drawn for the left column; the right one is its mirror image.
 */
final readonly class BreakerFace
{
    private const EDGE_W = 9;

    private const HANDLE_W = 28;

    private const HANDLE_H = 16;

    private const NAME = 18;

    private const HALF_LETTER = 5;

    /** between the lines of a name, and from the edge of a breaker to its first */
    private const LINE = 17;

    private bool $isRight;

    private Box $box;

    private ?Box $tied;

    private BoardSize $size;

    public function __construct(private Circuit $circuit, BoardLayout $layout, private bool $isFlagged)
    {
        $this->size = $layout->size;
        $this->isRight = BoardLayout::isRight($circuit->position->space);
        $this->box = $layout->box($circuit->position);
        $this->tied = $layout->tiedBox($circuit->position);
    }

    public function link(bool $isSelected): Link
    {
        return new Link(
            Spot::circuit($this->circuit->id), 'breaker', "c-{$this->circuit->id}", $this->spoken(), $this->circuit->title(), $isSelected,
            [
                'at' => $this->circuit->id, 'space' => (string) $this->circuit->position->space,
                'leg' => $this->circuit->leg()->value, 'role' => $this->circuit->role->value,
            ],
            [...$this->tie(), $this->face($this->box), ...$this->roleMark(), ...$this->handle(), ...$this->words(), ...$this->flag()],
        );
    }

    private function spoken(): string
    {
        return implode(' ', $this->size->lines($this->circuit))." {$this->rating()}"
            .($this->tied === null ? '' : " tied to {$this->circuit->position->space}a")
            .", {$this->circuit->title()}, {$this->circuit->leg()->words()}, {$this->circuit->role->words()}"
            .($this->isFlagged ? ', has findings' : '');
    }

    private function rating(): string
    {
        return trim("{$this->circuit->breakerAmps} {$this->circuit->protection->short()}");
    }

    private function face(Box $box): Rect
    {
        return new Rect($box, $this->isOff() ? BoardInk::FaceOff : BoardInk::Face, 4);
    }

    /** @return list<Element> the second strip of a quad's outer pair */
    private function tie(): array
    {
        if ($this->tied === null) {
            return [];
        }
        $inner = $this->x($this->box->w - 2);
        $beyond = $this->x($this->box->w + 5);

        return [
            $this->face($this->tied),
            new Path([Trace::through(
                [$inner, $this->box->middle()], [$beyond, $this->box->middle()],
                [$beyond, $this->tied->middle()], [$inner, $this->tied->middle()],
            )], BoardInk::Tie),
        ];
    }

    /** @return list<Element> a filled bar, a half bar, or nothing on a hatched face */
    private function roleMark(): array
    {
        $bar = $this->part(0, self::EDGE_W, $this->box->y, $this->box->h);

        return match ($this->circuit->role) {
            Role::Must => [new Rect($bar, BoardInk::Bar, 2)],
            Role::Room => [
                new Rect($bar, BoardInk::BarFrame, 2),
                new Rect(new Box($bar->x, $bar->middle(), $bar->w, $bar->h / 2), BoardInk::Bar, 2),
            ],
            Role::Off => [],
        };
    }

    /** @return list<Element> thrown to the middle of the panel when it is on */
    private function handle(): array
    {
        $y = $this->ratingLine() - self::HALF_LETTER - self::HANDLE_H / 2;
        $isOn = $this->circuit->role === Role::Must;
        $half = self::HANDLE_W / 2;
        $from = $this->size->breaker - self::HANDLE_W - 10;

        return [
            new Rect($this->part($from, self::HANDLE_W, $y, self::HANDLE_H), BoardInk::Handle, 4),
            new Rect(
                $this->part($from + ($isOn ? $half : 0), $half, $y, self::HANDLE_H), $isOn ? BoardInk::HandleOn : BoardInk::HandleOff, 4,
            ),
        ];
    }

    /** The baseline of its rating: on the middle, or at the foot where that stands below the name. */
    private function ratingLine(): float
    {
        $isHalf = $this->circuit->position->half !== null;

        return $this->size->isStacked ? $this->box->bottom() - ($isHalf ? 4 : 8) : $this->box->middle() + self::HALF_LETTER;
    }

    /** @return list<Element> */
    private function words(): array
    {
        $lines = $this->size->lines($this->circuit);
        $isSmall = $this->circuit->position->half !== null;
        $isSmallName = $isSmall || count($lines) > 1;
        $name = match (true) {
            $this->isOff() => $isSmallName ? BoardInk::NameHalfOff : BoardInk::NameOff,
            default => $isSmallName ? BoardInk::NameHalf : BoardInk::Name,
        };
        $amps = match (true) {
            $this->isOff() => $isSmall ? BoardInk::AmpsHalfOff : BoardInk::AmpsOff,
            default => $isSmall ? BoardInk::AmpsHalf : BoardInk::Amps,
        };
        $outward = $this->isRight ? Anchor::End : Anchor::Start;
        $inward = $this->isRight ? Anchor::Start : Anchor::End;
        $first = $this->size->isStacked
            ? $this->box->y + ($isSmall ? 13 : self::LINE + 3)
            : $this->box->middle() + self::HALF_LETTER - (count($lines) - 1) * self::LINE / 2;

        return [
            ...array_map(fn (string $line, int $i): Text => new Text(
                $this->x(self::NAME), $first + $i * self::LINE, $line, $name, $outward,
            ), $lines, array_keys($lines)),
            $this->size->isStacked
                ? new Text($this->x(self::NAME), $this->ratingLine(), $this->rating(), $amps, $outward)
                : new Text($this->x($this->size->breaker - self::HANDLE_W - 18), $this->ratingLine(), $this->rating(), $amps, $inward),
            ...$this->tied === null ? [] : [new Text(
                $this->x(self::NAME), $this->tied->middle() + self::HALF_LETTER,
                "tied to {$this->circuit->position->space}a", $name, $outward,
            )],
        ];
    }

    /** @return list<Element> */
    private function flag(): array
    {
        return $this->isFlagged ? [new Circle($this->x(self::EDGE_W / 2), $this->box->y + 7, 5, BoardInk::Flag)] : [];
    }

    private function isOff(): bool
    {
        return $this->circuit->role === Role::Off;
    }

    /** A place, by its distance from the breaker's outer edge. */
    private function x(float $fromOutside): float
    {
        return $this->isRight ? $this->box->right() - $fromOutside : $this->box->x + $fromOutside;
    }

    /** A part of the face, by its distance from the breaker's outer edge. */
    private function part(float $fromOutside, float $w, float $y, float $h): Box
    {
        return new Box($this->isRight ? $this->x($fromOutside + $w) : $this->x($fromOutside), $y, $w, $h);
    }
}
