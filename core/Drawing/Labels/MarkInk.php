<?php

declare(strict_types=1);

namespace Underpin\Drawing\Labels;

use Underpin\Drawing\Colour;
use Underpin\Drawing\Ink;
use Underpin\Drawing\Pen;

/** What the marks beside breakers are drawn with: told apart by their shape, then by colour. */
enum MarkInk: string implements Ink
{
    case Cut = 'mark-cut';
    case Order = 'mark-sticker-order';
    case OrderNumber = 'mark-sticker-number';
    case Room = 'mark-sticker-room';
    case RoomWords = 'mark-sticker-room-words';
    case Off = 'mark-sticker-off';
    case OffWords = 'mark-sticker-off-words';
    case Name = 'mark-sticker-name';

    public function cssClass(): string
    {
        return $this->value;
    }

    public function pen(): Pen
    {
        return match ($this) {
            self::Cut => Pen::face(Colour::Face, Colour::Line, 0.8),
            self::Order => Pen::fill(Colour::Good),
            self::OrderNumber => Pen::text(Colour::Face, 22)->bold(),
            self::Room => Pen::face(Colour::Face, Colour::Wrong, 3)->dashed(6, 4),
            self::RoomWords => Pen::text(Colour::Wrong, 15)->bold(),
            self::Off => Pen::line(Colour::Danger, 5),
            self::OffWords => Pen::text(Colour::Danger, 15)->bold(),
            self::Name => Pen::text(Colour::Ink, 13),
        };
    }
}
