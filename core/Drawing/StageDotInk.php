<?php

declare(strict_types=1);

namespace Underpin\Drawing;

/** What the dots of the stages are drawn with. */
enum StageDotInk: string implements Ink
{
    case Line = 'stage-line';
    case Reached = 'stage-reached';
    case Open = 'stage-open';

    public function cssClass(): string
    {
        return $this->value;
    }

    public function pen(): Pen
    {
        return match ($this) {
            self::Line => Pen::line(Colour::Quiet, 1.5),
            self::Reached => Pen::face(Colour::Petrol, Colour::Petrol, 1.5),
            self::Open => Pen::face(Colour::Sheet, Colour::Quiet, 1.5),
        };
    }
}
