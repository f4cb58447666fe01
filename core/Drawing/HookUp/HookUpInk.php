<?php

declare(strict_types=1);

namespace Underpin\Drawing\HookUp;

use Underpin\Assembly\WireColour;
use Underpin\Drawing\Colour;
use Underpin\Drawing\Ink;
use Underpin\Drawing\Pen;

/** What a hook-up diagram is drawn with. A conductor has its own colour over an edge that shows on any ground. */
enum HookUpInk: string implements Ink
{
    case Box = 'hu-box';
    case Name = 'hu-name';
    case Note = 'hu-note';
    case Terminal = 'hu-terminal';
    case Screw = 'hu-screw';
    case Edge = 'hu-edge';
    case FoundEdge = 'hu-edge hu-found';
    case Black = 'hu-wire hu-black';
    case Red = 'hu-wire hu-red';
    case White = 'hu-wire hu-white';
    case Green = 'hu-wire hu-green';
    case Marked = 'hu-wire hu-marked';
    case Bond = 'bond';
    case BondNote = 'hu-note bond-text';

    public static function of(WireColour $colour): self
    {
        return match ($colour) {
            WireColour::Black => self::Black,
            WireColour::Red => self::Red,
            WireColour::White => self::White,
            WireColour::Green => self::Green,
            WireColour::Marked => self::Marked,
        };
    }

    public function cssClass(): string
    {
        return $this->value;
    }

    public function pen(): Pen
    {
        return match ($this) {
            self::Box => Pen::face(Colour::Face, Colour::Ink, 1.4),
            self::Name => Pen::text(Colour::Ink, 16)->bold(),
            self::Note => Pen::text(Colour::Ink, 13),
            self::Terminal => Pen::text(Colour::Ink, 13),
            self::Screw => Pen::face(Colour::Face, Colour::Ink, 1.2),
            self::Edge => Pen::line(Colour::Ink, 4.4),
            self::FoundEdge => Pen::line(Colour::Line, 6),
            self::Black => Pen::line(Colour::Ink, 2.8),
            self::Red => Pen::line(Colour::WireRed, 2.8),
            self::White => Pen::line(Colour::Face, 2.8),
            self::Green => Pen::line(Colour::WireGreen, 2.8),
            self::Marked => Pen::line(Colour::WireBlue, 2.8),
            self::Bond => Pen::line(Colour::Good, 2.2),
            self::BondNote => Pen::text(Colour::Good, 13)->bold(),
        };
    }
}
