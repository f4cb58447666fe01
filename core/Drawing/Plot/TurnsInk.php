<?php

declare(strict_types=1);

namespace Underpin\Drawing\Plot;

use Underpin\Drawing\Colour;
use Underpin\Drawing\Ink;
use Underpin\Drawing\Pen;

/** What a day of turns is drawn with. */
enum TurnsInk: string implements Ink
{
    case LegA = 'turns-a';
    case LegB = 'turns-b';
    case Limit = 'turns-limit';
    case On = 'turns-on';
    case Off = 'turns-off';
    case Hour = 'grid';
    case Scale = 'map-text';
    case Name = 'turns-name';

    public function cssClass(): string
    {
        return $this->value;
    }

    public function pen(): Pen
    {
        return match ($this) {
            self::LegA => Pen::fill(Colour::LegA),
            self::LegB => Pen::fill(Colour::LegB),
            self::Limit => Pen::line(Colour::Danger, 1.5),
            self::On => Pen::fill(Colour::Petrol),
            self::Off => Pen::fill(Colour::Track),
            self::Hour => Pen::line(Colour::Line, 1),
            self::Scale => Pen::text(Colour::Quiet, 14)->mono(),
            self::Name => Pen::text(Colour::Ink, 14),
        };
    }
}
