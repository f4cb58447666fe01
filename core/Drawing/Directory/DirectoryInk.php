<?php

declare(strict_types=1);

namespace Underpin\Drawing\Directory;

use Underpin\Drawing\Colour;
use Underpin\Drawing\Ink;
use Underpin\Drawing\Pen;

/** What the directory of a panel's door is drawn with. */
enum DirectoryInk: string implements Ink
{
    case Title = 'directory-title';
    case Note = 'directory-note';
    case Row = 'directory-row';
    case Face = 'directory-face';
    case Number = 'directory-number';
    case Name = 'directory-name';
    case SmallName = 'directory-name is-small';
    case Amps = 'directory-amps';
    case Backup = 'directory-backup';

    public function cssClass(): string
    {
        return $this->value;
    }

    public function pen(): Pen
    {
        return match ($this) {
            self::Title => Pen::text(Colour::Ink, 26)->bold(),
            self::Note => Pen::text(Colour::Ink, 13),
            self::Row => Pen::line(Colour::Ink, 1),
            self::Face => Pen::face(Colour::Sheet, Colour::Ink, 1),
            self::Number => Pen::text(Colour::Ink, 14)->bold(),
            self::Name => Pen::text(Colour::Ink, 16),
            self::SmallName => Pen::text(Colour::Ink, 12),
            self::Amps => Pen::text(Colour::Ink, 13),
            self::Backup => Pen::fill(Colour::Ink),
        };
    }
}
