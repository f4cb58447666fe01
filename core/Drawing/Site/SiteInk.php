<?php

declare(strict_types=1);

namespace Underpin\Drawing\Site;

use Underpin\Drawing\Colour;
use Underpin\Drawing\Ink;
use Underpin\Drawing\Pen;

/** What a site plan is drawn with. */
enum SiteInk: string implements Ink
{
    case Ground = 'site-ground';
    case ZoneEdge = 'site-zone-edge';
    case Zone = 'site-zone';
    case Outside = 'site-outside';
    case Lot = 'site-lot';
    case House = 'site-house';
    case Building = 'site-building';
    case Opening = 'site-opening';
    case Thing = 'site-thing';
    case Buried = 'site-thing is-buried';
    case Name = 'site-name';
    case Note = 'site-note';
    case Cord = 'site-cord';
    case Trench = 'site-trench';
    case Gas = 'site-gas';
    case Work = 'site-work';
    case Machine = 'site-machine';
    case Exhaust = 'site-exhaust';
    case Distance = 'site-distance';
    case Broken = 'site-distance is-broken';
    case Figure = 'site-figure';
    case BrokenFigure = 'site-figure is-broken';
    case Plate = 'site-plate';
    case Scale = 'site-scale';
    case Flood = 'site-flood';
    case FloodNote = 'site-note is-flood';

    public function cssClass(): string
    {
        return $this->value;
    }

    public function pen(): Pen
    {
        return match ($this) {
            self::Ground => Pen::fill(Colour::GoodSoft),
            self::ZoneEdge => Pen::line(Colour::Danger, 2)->dashed(5, 4),
            self::Zone, self::Outside => Pen::fill(Colour::DangerSoft),
            self::Lot => Pen::line(Colour::Ink, 2)->dashed(14, 6),
            self::House => Pen::face(Colour::Face, Colour::Ink, 3),
            self::Building => Pen::face(Colour::Face, Colour::Ink, 1.6),
            self::Opening => Pen::line(Colour::Petrol, 7),
            self::Thing => Pen::face(Colour::PetrolSoft, Colour::Petrol, 1.6),
            self::Buried => Pen::line(Colour::Petrol, 1.6)->dashed(5, 4),
            self::Name => Pen::text(Colour::Ink, 14)->bold(),
            self::Note => Pen::text(Colour::Ink, 13),
            self::Cord => Pen::line(Colour::LegB, 3)->dashed(9, 4),
            self::Trench => Pen::line(Colour::LegA, 3),
            self::Flood => Pen::line(Colour::WireBlue, 2)->dashed(10, 3),
            self::FloodNote => Pen::text(Colour::WireBlue, 13),
            self::Gas => Pen::line(Colour::Wrong, 3)->dashed(3, 4),
            self::Work => Pen::line(Colour::Petrol, 1.4)->dashed(3, 3),
            self::Machine => Pen::face(Colour::Petrol, Colour::Ink, 1.6),
            self::Exhaust => Pen::line(Colour::Danger, 3),
            self::Distance => Pen::line(Colour::Quiet, 1.4)->dashed(2, 3),
            self::Broken => Pen::line(Colour::Danger, 2.4),
            self::Figure => Pen::text(Colour::Ink, 14)->mono(),
            self::BrokenFigure => Pen::text(Colour::Danger, 14)->bold()->mono(),
            self::Plate => Pen::fill(Colour::Face),
            self::Scale => Pen::line(Colour::Ink, 3),
        };
    }
}
