<?php

declare(strict_types=1);

namespace Underpin\Drawing\Labels;

use Underpin\Drawing\Colour;
use Underpin\Drawing\Ink;
use Underpin\Drawing\Pen;

/** What a sheet of labels is drawn with. */
enum LabelInk: string implements Ink
{
    case Cut = 'label-cut';
    case Band = 'label-band';
    case Heading = 'label-heading';
    case Words = 'label-words';
    case Place = 'label-place';
    case Tag = 'label-tag';
    case TagEnds = 'label-ends';

    public function cssClass(): string
    {
        return $this->value;
    }

    public function pen(): Pen
    {
        return match ($this) {
            self::Cut => Pen::face(Colour::Face, Colour::Ink, 1.2),
            self::Band => Pen::fill(Colour::Ink),
            self::Heading => Pen::text(Colour::Face, 20)->bold(),
            self::Words => Pen::text(Colour::Ink, 16)->bold(),
            self::Place => Pen::text(Colour::Quiet, 12),
            self::Tag => Pen::text(Colour::Ink, 14)->bold(),
            self::TagEnds => Pen::text(Colour::Ink, 12),
        };
    }
}
