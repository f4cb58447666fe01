<?php

declare(strict_types=1);

namespace Underpin\Drawing\Board;

use Underpin\Job\Circuit;

/**
 * How wide a board is drawn, in units: for a desk and for paper, or for a screen held in the hand, where a breaker is as high as a
 * finger and says its rating below its name.
 */
final readonly class BoardSize
{
    /**
     * @param  int  $row  height of one space
     * @param  int  $column  from the outside to a breaker
     * @param  int  $numbers  where the numbers of the spaces end, from the outside
     * @param  int  $letters  of a name in one line of a breaker
     * @param  int  $lettersMarked  the same where it says on the same line that it is an AFCI or GFCI
     * @param  bool  $isStacked  a breaker says its rating below its name, not beside it
     * @param  int  $plate  from the outside to the corner of the interlock plate
     */
    private function __construct(
        public int $width, public int $row, public int $column, public int $breaker, public int $numbers, public int $letters,
        public int $lettersMarked, public bool $isStacked, public int $main, public int $plate,
    ) {
    }

    public static function wide(): self
    {
        return new self(640, 44, 42, 258, 34, 20, 15, false, 208, 120);
    }

    public static function narrow(): self
    {
        return new self(358, 64, 25, 144, 22, 16, 16, true, 150, 60);
    }

    /**
     * A name as a breaker says it: whole, in two lines where one is too short, and only cut where two are.
     *
     * @return non-empty-list<string>
     */
    public function lines(Circuit $circuit): array
    {
        $name = $circuit->name === '' ? 'unnamed' : $circuit->name;
        $isMarked = $circuit->protection->mark() !== '';
        // Half a space is as high as one line, of smaller letters.
        $most = $circuit->position->half === null ? 2 : 1;
        $letters = ($isMarked ? $this->lettersMarked : $this->letters) + ($most === 1 ? ($this->isStacked ? 3 : 7) : 0);
        if (mb_strlen($name) <= $letters) {
            return [$name];
        }
        // In two lines the letters are smaller.
        $more = $this->isStacked || mb_strlen($name) <= $letters + 3 ? 0 : 3;
        $lines = $most === 1 ? [] : explode("\n", wordwrap($name, $letters + $more, "\n", true));

        return count($lines) === 2 ? $lines : self::cut($name, $letters, $most);
    }

    /** @return non-empty-list<string> */
    private static function cut(string $name, int $letters, int $most): array
    {
        return $most === 1
            ? [mb_strimwidth($name, 0, $letters, '…')]
            : [mb_substr($name, 0, $letters), mb_strimwidth(mb_substr($name, $letters), 0, $letters, '…')];
    }
}
