<?php

declare(strict_types=1);

namespace Underpin\Drawing;

/** The colours of paper: those of the light theme, by the same names. */
enum Colour: string
{
    case Ink = '#1C2826';
    case Quiet = '#55605C';
    case Line = '#CBC8BC';
    case Face = '#FFFEFB';
    case Sheet = '#FCFAF5';
    case Ground = '#F5F2EA';
    case Petrol = '#17565E';
    case PetrolSoft = '#DCE7E6';
    case Danger = '#9E2F21';
    case DangerSoft = '#FAE9E5';
    case Wrong = '#8A5607';
    case Good = '#3F652A';
    case GoodSoft = '#EAF1E3';
    case LegA = '#34508C';
    case LegASoft = '#E6EAF4';
    case LegB = '#7C3A66';
    case LegBSoft = '#F3E7EF';
    case WireRed = '#B3261E';
    case WireGreen = '#2E7D32';
    case WireBlue = '#3A5FA8';
    case Track = '#E6E3D8';
    case Cross = '#C9C5B8';
    case CrossGround = '#E9E6DC';
    case Level0 = '#EEF0EC';
    case Level1 = '#D0DAD8';
    case Level2 = '#B1C4C3';
    case Level3 = '#92AEAF';
    case Level4 = '#74989B';
    case Level5 = '#558287';
    case Level6 = '#366C73';

    /** The nearest of the numbered colours of CAD programs; 7 is black on white and white on black. */
    public function cadNumber(): int
    {
        return match ($this) {
            self::Danger, self::WireRed => 1,
            self::Wrong => 30,
            self::Good, self::WireGreen => 94,
            self::Petrol => 132,
            self::LegA, self::WireBlue => 5,
            self::LegB => 6,
            self::Line, self::DangerSoft, self::GoodSoft, self::PetrolSoft, self::LegASoft, self::LegBSoft, self::Track, self::Cross,
            self::CrossGround => 9,
            self::Level0, self::Level1 => 254,
            self::Level2, self::Level3 => 253,
            self::Level4, self::Level5 => 252,
            self::Level6 => 250,
            self::Ink, self::Quiet, self::Face, self::Sheet, self::Ground => 7,
        };
    }
}
