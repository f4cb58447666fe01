<?php

declare(strict_types=1);

namespace Underpin\Drawing\Plot;

use Underpin\Drawing\Colour;
use Underpin\Drawing\Ink;
use Underpin\Drawing\Pen;

/** What the map of a year is drawn with: eight steps from little to much. */
enum MapInk: string implements Ink
{
    case Level0 = 'level-0';
    case Level1 = 'level-1';
    case Level2 = 'level-2';
    case Level3 = 'level-3';
    case Level4 = 'level-4';
    case Level5 = 'level-5';
    case Level6 = 'level-6';
    case Level7 = 'level-7';
    case NotRecorded = 'level-none';
    case Words = 'map-text';
    case Month = 'map-tick';
    case Peak = 'map-peak';

    /** @return non-empty-list<self> from the least to the most */
    public static function levels(): array
    {
        return [
            self::Level0, self::Level1, self::Level2, self::Level3, self::Level4, self::Level5, self::Level6, self::Level7,
        ];
    }

    public function cssClass(): string
    {
        return $this->value;
    }

    public function pen(): Pen
    {
        return match ($this) {
            self::NotRecorded => Pen::fill(Colour::Cross),
            self::Words => Pen::text(Colour::Quiet, 14),
            self::Month => Pen::line(Colour::Quiet, 1),
            self::Peak => Pen::line(Colour::Danger, 3.5),
            self::Level0 => Pen::fill(Colour::Level0),
            self::Level1 => Pen::fill(Colour::Level1),
            self::Level2 => Pen::fill(Colour::Level2),
            self::Level3 => Pen::fill(Colour::Level3),
            self::Level4 => Pen::fill(Colour::Level4),
            self::Level5 => Pen::fill(Colour::Level5),
            self::Level6 => Pen::fill(Colour::Level6),
            self::Level7 => Pen::fill(Colour::Petrol),
        };
    }
}
