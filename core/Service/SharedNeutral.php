<?php

declare(strict_types=1);

namespace Underpin\Service;

use Underpin\Job\Panel;
use Underpin\Job\Position;

/**
 * What is said wherever a one-pole breaker may be moved or put into a tandem: it may be half of a
 * multiwire circuit. NEC 2023 210.4, 300.13(B).
 */
final class SharedNeutral
{
    /** What the neutral carries once both halves hang on one leg. */
    private const CARRIES = 'The two halves of a multiwire circuit stay on opposite legs, under one common handle. '
        .'In one tandem, or with one of them a space up or down, both hang on one leg: the shared neutral then carries the sum '
        .'of both instead of the difference, and no breaker stops it before it burns.';

    /**
     * @param  list<Panel>  $panels  those whose breakers may be moved
     * @return ?bool whether one of them has multiwire circuits; null: nobody has looked, and none is known to
     */
    public static function in(array $panels): ?bool
    {
        $known = array_map(fn (Panel $panel): ?bool => $panel->hasMultiwire, $panels);

        return in_array(true, $known, true) ? true : (in_array(null, $known, true) ? null : false);
    }

    /** A question where nobody has looked, a warning where there are some, nothing where there are none. */
    public static function beforeMoving(?bool $hasMultiwire): string
    {
        return match ($hasMultiwire) {
            true => 'First find out whether it shares its neutral with another breaker: there are multiwire circuits here. '.self::CARRIES,
            null => 'Look first: does it share its neutral with another breaker? Whether there are multiwire circuits here is not known. '
                .self::CARRIES,
            false => '',
        };
    }

    /** Once a breaker has changed its leg, in one sentence; nothing where that harms no neutral. */
    public static function afterMoving(?bool $hasMultiwire, Position $from, Position $to): string
    {
        return $hasMultiwire === false || $from->leg() === $to->leg()
            ? ''
            : 'If it shares its neutral with another breaker, that neutral now carries the sum of both';
    }
}
