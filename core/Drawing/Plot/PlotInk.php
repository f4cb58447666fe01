<?php

declare(strict_types=1);

namespace Underpin\Drawing\Plot;

use Underpin\Drawing\Colour;
use Underpin\Drawing\Ink;
use Underpin\Drawing\Pen;

/** What a recording is drawn with. */
enum PlotInk: string implements Ink
{
    case Grid = 'grid';
    case Words = 'map-text';
    case Mark = 'mark-line';
    case Bar = 'overload-bar';
    case LegA = 'trace-a';
    case LegB = 'trace-b';

    public function cssClass(): string
    {
        return $this->value;
    }

    public function pen(): Pen
    {
        return match ($this) {
            self::Grid => Pen::line(Colour::Line, 1),
            self::Words => Pen::text(Colour::Quiet, 14),
            self::Mark => Pen::line(Colour::Quiet, 1)->dashed(3, 3),
            self::Bar => Pen::fill(Colour::Danger),
            self::LegA => Pen::line(Colour::LegA, 2),
            self::LegB => Pen::line(Colour::LegB, 2)->dashed(7, 3),
        };
    }
}
