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

    private const HANDLE = 220;

    private const HANDLE_W = 28;

    private const HANDLE_H = 16;

    private const NAME = 18;

    private const AMPS = 212;

    private const HALF_LETTER = 5;

    /** letters that a breaker has room for */
    private const LETTERS = 20;

    /** and where it says that it is an AFCI or GFCI */
    private const LETTERS_MARKED = 15;

    private bool $isRight;

    private Box $box;

    private ?Box $tied;

    public function __construct(private Circuit $circuit, BoardLayout $layout, private bool $isFlagged)
    {
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
        return self::shortName($this->circuit)." {$this->rating()}"
            .($this->tied === null ? '' : " tied to {$this->circuit->position->space}a")
            .", {$this->circuit->title()}, {$this->circuit->leg()->words()}, {$this->circuit->role->words()}"
            .($this->isFlagged ? ', has findings' : '');
    }

    private function rating(): string
    {
        return trim("{$this->circuit->breakerAmps} {$this->circuit->protection->short()}");
    }

    /** As much of a name as a breaker has room for. */
    private static function shortName(Circuit $circuit): string
    {
        $name = $circuit->name === '' ? 'unnamed' : $circuit->name;

        return mb_strimwidth($name, 0, $circuit->protection->mark() === '' ? self::LETTERS : self::LETTERS_MARKED, '…');
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
        $y = $this->box->middle() - self::HANDLE_H / 2;
        $isOn = $this->circuit->role === Role::Must;
        $half = self::HANDLE_W / 2;

        return [
            new Rect($this->part(self::HANDLE, self::HANDLE_W, $y, self::HANDLE_H), BoardInk::Handle, 4),
            new Rect(
                $this->part(self::HANDLE + ($isOn ? $half : 0), $half, $y, self::HANDLE_H),
                $isOn ? BoardInk::HandleOn : BoardInk::HandleOff, 4,
            ),
        ];
    }

    /** @return list<Element> */
    private function words(): array
    {
        $isHalf = $this->circuit->position->half !== null;
        $name = match (true) {
            $this->isOff() => $isHalf ? BoardInk::NameHalfOff : BoardInk::NameOff,
            default => $isHalf ? BoardInk::NameHalf : BoardInk::Name,
        };
        $amps = match (true) {
            $this->isOff() => $isHalf ? BoardInk::AmpsHalfOff : BoardInk::AmpsOff,
            default => $isHalf ? BoardInk::AmpsHalf : BoardInk::Amps,
        };
        $outward = $this->isRight ? Anchor::End : Anchor::Start;
        $inward = $this->isRight ? Anchor::Start : Anchor::End;
        $baseline = $this->box->middle() + self::HALF_LETTER;

        return [
            new Text($this->x(self::NAME), $baseline, self::shortName($this->circuit), $name, $outward),
            new Text($this->x(self::AMPS), $baseline, $this->rating(), $amps, $inward),
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
