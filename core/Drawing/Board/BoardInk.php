<?php

declare(strict_types=1);

namespace Underpin\Drawing\Board;

use Underpin\Drawing\Colour;
use Underpin\Drawing\Hatch;
use Underpin\Drawing\Ink;
use Underpin\Drawing\Pen;
use Underpin\Drawing\Slope;

/** What a panel board is drawn with. */
enum BoardInk: string implements Ink
{
    case Move = 'move';
    case MoveMark = 'move-mark';
    case MoveNumber = 'move-number';
    case MoveNote = 'move-note';
    case Enclosure = 'board-case';
    case Main = 'main';
    case NoMain = 'main-none';
    case MainRating = 'main-text';
    case MainNote = 'main-small';
    case NoMainNote = 'main-small dark';
    case BandA = 'band-a';
    case BandB = 'band-b';
    case SpaceNumber = 'space-no';
    case LetterA = 'leg-letter letter-a';
    case LetterB = 'leg-letter letter-b';
    case FreeFace = 'free-face';
    case FreeWord = 'free-word';
    case Generator = 'generator';
    case GeneratorWord = 'generator-word';
    case Plate = 'interlock';
    case PlateWord = 'interlock-word';
    case Face = 'face';
    case FaceOff = 'face face-off';
    case Bar = 'bar';
    case BarFrame = 'bar-frame';
    case Handle = 'handle';
    case HandleOn = 'handle-on';
    case HandleOff = 'handle-off';
    case Name = 'name';
    case NameHalf = 'name is-small';
    case NameOff = 'name on-cross';
    case NameHalfOff = 'name is-small on-cross';
    case Amps = 'amps';
    case AmpsHalf = 'amps is-small';
    case AmpsOff = 'amps on-cross';
    case AmpsHalfOff = 'amps is-small on-cross';
    case Flag = 'flagged';
    case Tie = 'tie';

    public function cssClass(): string
    {
        return $this->value;
    }

    public function pen(): Pen
    {
        return match ($this) {
            self::Move => Pen::line(Colour::Petrol, 3),
            self::MoveMark => Pen::face(Colour::Face, Colour::Petrol, 2),
            self::MoveNumber, self::MoveNote => Pen::text(Colour::Ink, 16)->bold(),
            self::Enclosure => Pen::face(Colour::Face, Colour::Ink, 1.5),
            self::Main => Pen::fill(Colour::Ink),
            self::NoMain => Pen::line(Colour::Quiet, 1)->dashed(5, 4),
            self::MainRating => Pen::text(Colour::Ground, 17)->bold(),
            self::MainNote => Pen::text(Colour::Ground, 15),
            self::NoMainNote => Pen::text(Colour::Ink, 15),
            self::BandA => Pen::fill(Colour::LegASoft),
            self::BandB => Pen::fill(Colour::LegBSoft)->hatched(new Hatch(Colour::Cross, 0.7, 7, [Slope::Rising])),
            self::SpaceNumber => Pen::text(Colour::Ink, 14.5)->mono(),
            self::LetterA => Pen::text(Colour::LegA, 15)->bold(),
            self::LetterB => Pen::text(Colour::LegB, 15)->bold(),
            self::FreeFace => Pen::face(Colour::Sheet, Colour::Quiet, 1)->dashed(5, 4),
            self::FreeWord => Pen::text(Colour::Quiet, 15),
            self::Generator => Pen::face(Colour::PetrolSoft, Colour::Petrol, 2),
            self::GeneratorWord => Pen::text(Colour::Ink, 16)->bold(),
            self::Plate => Pen::line(Colour::Petrol, 5),
            self::PlateWord => Pen::text(Colour::Petrol, 15)->bold(),
            self::Face => Pen::face(Colour::Face, Colour::Ink, 1.3),
            self::FaceOff => Pen::face(Colour::CrossGround, Colour::Ink, 1.3)
                ->hatched(new Hatch(Colour::Cross, 0.9, 5, [Slope::Rising, Slope::Falling])),
            self::Bar, self::HandleOn => Pen::fill(Colour::Ink),
            self::BarFrame, self::Handle => Pen::face(Colour::Face, Colour::Ink, 1.3),
            self::HandleOff => Pen::fill(Colour::Cross),
            self::Name, self::NameOff => Pen::text(Colour::Ink, 16),
            self::NameHalf, self::NameHalfOff => Pen::text(Colour::Ink, 13),
            self::Amps, self::AmpsOff => Pen::text(Colour::Ink, 14.5)->mono(),
            self::AmpsHalf, self::AmpsHalfOff => Pen::text(Colour::Ink, 13)->mono(),
            self::Flag => Pen::face(Colour::Wrong, Colour::Face, 1.5),
            self::Tie => Pen::line(Colour::Ink, 2.5),
        };
    }
}
