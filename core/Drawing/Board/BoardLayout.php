<?php

declare(strict_types=1);

namespace Underpin\Drawing\Board;

use Underpin\Drawing\Box;
use Underpin\Job\Half;
use Underpin\Job\Position;

/** Where the rows and breakers of a panel of any size lie on its board. */
final readonly class BoardLayout
{
    public const WIDTH = 640;

    /** height of one space */
    public const ROW = 44;

    /** where the numbers of the spaces end, from the outside */
    public const NUMBERS = 34;

    private const TOP = 96;

    private const FOOT = 12;

    private const COLUMN = 42;

    private const BREAKER_W = 258;

    /** between a breaker and the edge of its spaces */
    private const GAP = 2;

    /** between the two strips of one space */
    private const SPLIT = 2;

    public function __construct(private int $spaces)
    {
    }

    public function height(): float
    {
        return self::TOP + intdiv($this->spaces, 2) * self::ROW + self::FOOT;
    }

    /** The row of a space and of the one across from it. */
    public function row(int $space): Box
    {
        return new Box(0, self::TOP + intdiv($space - 1, 2) * self::ROW, self::WIDTH, self::ROW);
    }

    public function box(Position $position): Box
    {
        $whole = new Box(
            self::isRight($position->space) ? self::WIDTH - self::COLUMN - self::BREAKER_W : self::COLUMN,
            $this->row($position->space)->y + self::GAP, self::BREAKER_W, $position->poles * self::ROW - 2 * self::GAP,
        );

        return match ($position->half) {
            null => $whole,
            // Alone, or the first strip of a quad's outer pair.
            Half::Upper => new Box($whole->x, $whole->y, $whole->w, self::strip()),
            // Alone, or the inner pair of a quad: one handle across the middle of two spaces.
            Half::Lower => new Box(
                $whole->x, $whole->y + self::ROW / 2 - 1.5, $whole->w, $position->poles === 2 ? self::ROW - 1 : self::strip(),
            ),
        };
    }

    /** The second strip of a quad's outer pair, tied to the first around the inner pair. */
    public function tiedBox(Position $position): ?Box
    {
        return $position->poles === 2 && $position->half === Half::Upper
            ? new Box(
                $this->box($position)->x, $this->row($position->space + 2)->middle() + 0.5, self::BREAKER_W, self::strip(),
            )
            : null;
    }

    public static function isRight(int $space): bool
    {
        return $space % 2 === 0;
    }

    private static function strip(): float
    {
        return self::ROW / 2 - self::SPLIT - 0.5;
    }
}
