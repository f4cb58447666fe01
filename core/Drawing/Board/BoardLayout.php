<?php

declare(strict_types=1);

namespace Underpin\Drawing\Board;

use Underpin\Drawing\Box;
use Underpin\Job\Half;
use Underpin\Job\Position;

/** Where the rows and breakers of a panel of any size lie on its board. */
final readonly class BoardLayout
{
    private const TOP = 96;

    private const FOOT = 12;

    /** between a breaker and the edge of its spaces */
    private const GAP = 2;

    /** between the two strips of one space */
    private const SPLIT = 2;

    public function __construct(private int $spaces, public BoardSize $size)
    {
    }

    public function height(): float
    {
        return self::TOP + intdiv($this->spaces, 2) * $this->size->row + self::FOOT;
    }

    /** The row of a space and of the one across from it. */
    public function row(int $space): Box
    {
        return new Box(0, self::TOP + intdiv($space - 1, 2) * $this->size->row, $this->size->width, $this->size->row);
    }

    public function box(Position $position): Box
    {
        $whole = new Box(
            self::isRight($position->space) ? $this->size->width - $this->size->column - $this->size->breaker : $this->size->column,
            $this->row($position->space)->y + self::GAP, $this->size->breaker, $position->poles * $this->size->row - 2 * self::GAP,
        );

        return match ($position->half) {
            null => $whole,
            // Alone, or the first strip of a quad's outer pair.
            Half::Upper => new Box($whole->x, $whole->y, $whole->w, $this->strip()),
            // Alone, or the inner pair of a quad: one handle across the middle of two spaces.
            Half::Lower => new Box(
                $whole->x, $whole->y + $this->size->row / 2 - 1.5, $whole->w,
                $position->poles === 2 ? $this->size->row - 1 : $this->strip(),
            ),
        };
    }

    /** The second strip of a quad's outer pair, tied to the first around the inner pair. */
    public function tiedBox(Position $position): ?Box
    {
        return $position->poles === 2 && $position->half === Half::Upper
            ? new Box(
                $this->box($position)->x, $this->row($position->space + 2)->middle() + 0.5, $this->size->breaker, $this->strip(),
            )
            : null;
    }

    public static function isRight(int $space): bool
    {
        return $space % 2 === 0;
    }

    private function strip(): float
    {
        return $this->size->row / 2 - self::SPLIT - 0.5;
    }
}
