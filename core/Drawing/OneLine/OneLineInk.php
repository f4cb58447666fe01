<?php

declare(strict_types=1);

namespace Underpin\Drawing\OneLine;

use Underpin\Drawing\Colour;
use Underpin\Drawing\Ink;
use Underpin\Drawing\Pen;

/** What a one-line diagram is drawn with. */
enum OneLineInk: string implements Ink
{
    case Conductor = 'ol-wire';
    case Generators = 'ol-wire ol-generator';
    case Symbol = 'ol-symbol';
    case Box = 'ol-box';
    case Lock = 'ol-lock';
    case Name = 'ol-name';
    case Note = 'ol-note';
    case Bond = 'bond';
    case BondNote = 'ol-note bond-text';
    case Draft = 'ol-draft';

    public function cssClass(): string
    {
        return $this->value;
    }

    public function pen(): Pen
    {
        return match ($this) {
            self::Conductor => Pen::line(Colour::Ink, 2.4),
            self::Generators => Pen::line(Colour::Petrol, 2.4),
            self::Symbol => Pen::face(Colour::Face, Colour::Ink, 1.8),
            self::Box => Pen::face(Colour::Face, Colour::Ink, 1.4),
            self::Lock => Pen::line(Colour::Ink, 1.6)->dashed(6, 4),
            self::Name => Pen::text(Colour::Ink, 16)->bold(),
            self::Note => Pen::text(Colour::Ink, 14),
            self::Bond => Pen::line(Colour::Good, 2.2),
            self::BondNote => Pen::text(Colour::Good, 14)->bold(),
            self::Draft => Pen::text(Colour::Danger, 16)->bold(),
        };
    }
}
