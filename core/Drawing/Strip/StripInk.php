<?php

declare(strict_types=1);

namespace Underpin\Drawing\Strip;

use Underpin\Drawing\Colour;
use Underpin\Drawing\Hatch;
use Underpin\Drawing\Ink;
use Underpin\Drawing\Pen;
use Underpin\Drawing\Slope;

/** What the leg strip is drawn with. */
enum StripInk: string implements Ink
{
    case Track = 'track';
    case RunningA = 'solid-a';
    case RunningB = 'running-b';
    case StartA = 'edge-a';
    case StartB = 'edge-b';
    case Limit = 'tick';
    case HardLimit = 'tick tick-hard';
    case Label = 'tick-label';
    case HardLabel = 'tick-label tick-hard';

    public function cssClass(): string
    {
        return $this->value;
    }

    public function pen(): Pen
    {
        return match ($this) {
            self::Track => Pen::fill(Colour::Track),
            self::RunningA => Pen::fill(Colour::LegA),
            self::RunningB => Pen::fill(Colour::LegB)->hatched(new Hatch(Colour::LegBSoft, 1.4, 5, [Slope::Rising])),
            self::StartA => Pen::face(Colour::Sheet, Colour::LegA, 1)->dashed(3, 2)
                ->hatched(new Hatch(Colour::LegA, 2.4, 8, [Slope::Rising])),
            self::StartB => Pen::face(Colour::Sheet, Colour::LegB, 1)->dashed(3, 2)
                ->hatched(new Hatch(Colour::LegB, 2.4, 8, [Slope::Rising])),
            self::Limit => Pen::line(Colour::Ink, 1.5),
            self::HardLimit => Pen::line(Colour::Danger, 3),
            self::Label => Pen::text(Colour::Ink, 13.5),
            self::HardLabel => Pen::text(Colour::Danger, 13.5)->bold(),
        };
    }
}
