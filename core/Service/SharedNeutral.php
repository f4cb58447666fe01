<?php

declare(strict_types=1);

namespace Underpin\Service;

use Underpin\Job\Circuit;
use Underpin\Job\Position;
use Underpin\Say;

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

    /** What was said of several breakers, with what the neutral carries said once. */
    public static function once(string $text): string
    {
        $parts = explode(self::CARRIES, $text, 2);

        return count($parts) === 1 ? $text : $parts[0].self::CARRIES.preg_replace(
            '/ {2,}/', ' ', str_replace(self::CARRIES, '', $parts[1]),
        );
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

    /** The same of one breaker: by name where its other half is known; nothing of a two-pole, which moves as one. */
    public static function beforeMovingIt(Circuit $circuit, Multiwire $multiwire): string
    {
        $partner = $multiwire->partnerOf($circuit);
        if ($partner !== null) {
            return "{$circuit->title()} shares its neutral with {$partner->title()}: the two move together, or neither does. "
                .self::CARRIES.self::inAmps($circuit, $partner);
        }
        $isShared = $multiwire->isShared($circuit);

        return $circuit->position->poles === 2 || $isShared === false ? '' : self::beforeMoving($multiwire->anywhere());
    }

    /** Once a breaker has changed its leg, in one sentence; nothing where that harms no neutral. */
    public static function afterMoving(Circuit $moved, Position $from, Multiwire $multiwire): string
    {
        $partner = $multiwire->partnerOf($moved);

        return match (true) {
            $from->leg() === $moved->position->leg() => '',
            $partner !== null && $partner->leg() !== $moved->leg() => '',
            $partner !== null => "It shares its neutral with {$partner->title()}, on the same leg now: that neutral carries the sum of "
                .'both',
            $multiwire->isShared($moved) === false => '',
            default => 'If it shares its neutral with another breaker, that neutral now carries the sum of both',
        };
    }

    /** What flows in the neutral of two halves with everything on, on opposite legs and on one; empty: their figures are not known. */
    public static function inAmps(Circuit $one, Circuit $other): string
    {
        return $one->figuresMissing() || $other->figuresMissing() ? '' : sprintf(
            ' With everything on, that is %s instead of %s.', Say::amps($one->runAmps() + $other->runAmps()),
            Say::amps(abs($one->runAmps() - $other->runAmps())),
        );
    }
}
