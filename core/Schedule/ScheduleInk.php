<?php

declare(strict_types=1);

namespace Underpin\Schedule;

use Underpin\Drawing\Colour;
use Underpin\Drawing\Ink;
use Underpin\Drawing\Pen;

/** What a schedule is drawn with. */
enum ScheduleInk: string implements Ink
{
    case Week = 'course-week';
    case Date = 'course-date';
    case Name = 'course-name';
    case Figure = 'course-figure';
    case Deciding = 'course-bar is-deciding';
    case Bar = 'course-bar';
    case Slack = 'course-slack';
    case Done = 'course-bar is-done';
    case Late = 'course-late';
    case Today = 'course-today';
    case Agreed = 'course-agreed';
    case TodayWords = 'course-words is-today';
    case AgreedWords = 'course-words is-agreed';

    public function cssClass(): string
    {
        return $this->value;
    }

    public function pen(): Pen
    {
        return match ($this) {
            self::Week => Pen::line(Colour::Line, 1),
            self::Date => Pen::text(Colour::Quiet, 13)->mono(),
            self::Name => Pen::text(Colour::Ink, 15),
            self::Figure => Pen::text(Colour::Ink, 13)->mono(),
            self::Deciding => Pen::face(Colour::Petrol, Colour::Petrol, 2),
            self::Bar => Pen::face(Colour::PetrolSoft, Colour::Petrol, 2),
            self::Slack => Pen::line(Colour::Petrol, 2)->dashed(3, 5),
            self::Done => Pen::face(Colour::GoodSoft, Colour::Good, 2),
            self::Late => Pen::line(Colour::Danger, 3),
            self::Today => Pen::line(Colour::Ink, 2)->dashed(2, 4),
            self::Agreed => Pen::line(Colour::LegB, 3),
            self::TodayWords => Pen::text(Colour::Ink, 13)->bold(),
            self::AgreedWords => Pen::text(Colour::LegB, 13)->bold(),
        };
    }
}
