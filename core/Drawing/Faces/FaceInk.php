<?php

declare(strict_types=1);

namespace Underpin\Drawing\Faces;

use Underpin\Drawing\Colour;
use Underpin\Drawing\Ink;
use Underpin\Drawing\Pen;

/** What the faces of plugs and receptacles are drawn with. */
enum FaceInk: string implements Ink
{
    case Body = 'face-body';
    case Slot = 'face-slot';
    case Blade = 'face-blade';
    case Arc = 'face-arc';
    case Letter = 'face-letter';
    case Name = 'face-name';
    case Live = 'face-live';
    case Note = 'face-note';

    public function cssClass(): string
    {
        return $this->value;
    }

    public function pen(): Pen
    {
        return match ($this) {
            self::Body => Pen::face(Colour::Face, Colour::Ink, 2),
            self::Slot => Pen::fill(Colour::Ink),
            self::Blade => Pen::face(Colour::Cross, Colour::Ink, 1.6),
            self::Arc => Pen::line(Colour::Ink, 8),
            self::Letter => Pen::text(Colour::Ink, 16)->bold(),
            self::Name => Pen::text(Colour::Ink, 17)->bold(),
            self::Live => Pen::text(Colour::Danger, 14)->bold(),
            self::Note => Pen::text(Colour::Ink, 14),
        };
    }
}
