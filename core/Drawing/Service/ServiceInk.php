<?php

declare(strict_types=1);

namespace Underpin\Drawing\Service;

use Underpin\Drawing\Colour;
use Underpin\Drawing\Ink;
use Underpin\Drawing\Pen;

/** What the drawing of a service is drawn with. */
enum ServiceInk: string implements Ink
{
    case Point = 'chain-node';
    case ServicePoint = 'chain-node is-service';
    case Name = 'chain-name';
    case Note = 'chain-small';
    case Feeder = 'chain-small feeder';
    case Bond = 'bond';
    case BondNote = 'chain-small bond-text';
    case Conductor = 'wire';
    case UtilityConductor = 'wire wire-live';
    case LiveFromUtility = 'live-utility';
    case LiveFromFeeder = 'live-feeder';

    public function cssClass(): string
    {
        return $this->value;
    }

    public function pen(): Pen
    {
        return match ($this) {
            self::Point => Pen::face(Colour::Face, Colour::Ink, 1.4),
            self::ServicePoint => Pen::face(Colour::Face, Colour::Ink, 3.2),
            self::Name => Pen::text(Colour::Ink, 17)->bold(),
            self::Note, self::Feeder => Pen::text(Colour::Ink, 15),
            self::Bond => Pen::line(Colour::Good, 2.6),
            self::BondNote => Pen::text(Colour::Good, 15)->bold(),
            self::Conductor => Pen::line(Colour::Ink, 3),
            self::UtilityConductor => Pen::line(Colour::Danger, 6),
            self::LiveFromUtility => Pen::fill(Colour::Danger),
            self::LiveFromFeeder => Pen::fill(Colour::Wrong),
        };
    }
}
