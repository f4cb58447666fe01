<?php

declare(strict_types=1);

namespace Underpin\Drawing\Plot;

use Underpin\Drawing\Colour;
use Underpin\Drawing\Ink;
use Underpin\Drawing\Pen;

/** What machines are compared with. */
enum SpareInk: string implements Ink
{
    case Holds = 'zone-holds';
    case Tight = 'zone-tight';
    case Short = 'zone-short';
    case Zero = 'spare-zero';
    case Margin = 'spare-margin';
    case Scale = 'map-text';
    case HoldsWord = 'zone-word word-holds';
    case TightWord = 'zone-word word-tight';
    case ShortWord = 'zone-word word-short';
    case Stem = 'spare-stem';
    case Dot = 'spare-dot';
    case PickedStem = 'spare-stem is-picked';
    case Picked = 'spare-dot is-picked';
    case AwayStem = 'spare-stem is-away';
    case Away = 'spare-dot is-away';
    case Name = 'spare-name';
    case PickedName = 'spare-name is-picked';

    public function cssClass(): string
    {
        return $this->value;
    }

    public function pen(): Pen
    {
        return match ($this) {
            self::Holds => Pen::fill(Colour::GoodSoft),
            self::Tight => Pen::fill(Colour::CrossGround),
            self::Short => Pen::fill(Colour::DangerSoft),
            self::Zero => Pen::line(Colour::Ink, 1.5),
            self::Margin => Pen::line(Colour::Quiet, 1.5)->dashed(6, 4),
            self::Scale => Pen::text(Colour::Quiet, 14)->mono(),
            self::HoldsWord => Pen::text(Colour::Good, 14)->bold(),
            self::TightWord => Pen::text(Colour::Wrong, 14)->bold(),
            self::ShortWord => Pen::text(Colour::Danger, 14)->bold(),
            self::Stem => Pen::line(Colour::Ink, 2),
            self::Dot => Pen::face(Colour::Face, Colour::Ink, 2),
            self::PickedStem => Pen::line(Colour::Petrol, 3),
            self::Picked => Pen::face(Colour::Petrol, Colour::Petrol, 2),
            self::AwayStem => Pen::line(Colour::Line, 1.5),
            self::Away => Pen::face(Colour::Face, Colour::Line, 1.5),
            self::Name => Pen::text(Colour::Ink, 14),
            self::PickedName => Pen::text(Colour::Ink, 14)->bold(),
        };
    }
}
