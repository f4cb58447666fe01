<?php

declare(strict_types=1);

namespace Underpin\Assembly;

/** What a single conductor is for; this decides its colour. NEC 2023 200.6, 250.119, 310.6(C). */
enum WireRole: string
{
    case HotA = 'hot-a';
    case HotB = 'hot-b';
    case Neutral = 'neutral';
    case Ground = 'ground';

    /** tells the machine to start */
    case Start = 'start';

    /** shows the machine whether the utility is there */
    case Sense = 'sense';

    /** to the earth */
    case Electrode = 'electrode';

    public function words(): string
    {
        return match ($this) {
            self::HotA => 'hot A',
            self::HotB => 'hot B',
            self::Neutral => 'neutral',
            self::Ground => 'equipment ground',
            self::Start => 'start signal',
            self::Sense => 'utility sensing',
            self::Electrode => 'grounding electrode conductor',
        };
    }

    public function colour(): WireColour
    {
        return match ($this) {
            self::HotA => WireColour::Black,
            self::HotB => WireColour::Red,
            self::Neutral => WireColour::White,
            self::Ground, self::Electrode => WireColour::Green,
            self::Start, self::Sense => WireColour::Marked,
        };
    }

    public function isHot(): bool
    {
        return $this === self::HotA || $this === self::HotB;
    }
}
