<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule;

use Underpin\Job\Panel;
use Underpin\Job\Position;

/** How many spaces a panel has that has no breakers yet: the sheet alone cannot tell, so a person is asked. */
final readonly class PanelSize
{
    /**
     * @param  int  $place  of the panel in the sheet, from 0
     * @param  ?int  $before  spaces that the job has it with; null: it is new
     * @param  int  $highest  space that the sheet names
     * @param  int  $spaces  that it is taken with
     */
    public function __construct(public int $place, public string $panel, public ?int $before, public int $highest, public int $spaces)
    {
    }

    /** The smallest common size that has a space. */
    public static function holding(int $space): int
    {
        foreach (Panel::COMMON_SPACES as $spaces) {
            if ($spaces >= $space) {
                return $spaces;
            }
        }

        return Position::HIGHEST_SPACE;
    }

    /** Rows of the sheet name spaces that it does not have. */
    public function isTooSmall(): bool
    {
        return $this->highest > $this->spaces;
    }

    /** Whether the sheet would make another size of it, or it is new: then it is asked. */
    public function isOpen(): bool
    {
        return $this->before === null || self::holding($this->highest) !== $this->before;
    }

    /** @return list<int> that it can have */
    public function sizes(): array
    {
        $sizes = [$this->spaces, ...array_filter(Panel::COMMON_SPACES, fn (int $spaces): bool => $spaces >= $this->highest)];
        if ($this->before !== null) {
            $sizes[] = $this->before;
        }
        sort($sizes);

        return array_values(array_unique($sizes));
    }
}
