<?php

declare(strict_types=1);

namespace Underpin\Loads;

use Underpin\Job\Circuit;
use Underpin\Job\LoadKind;

/**
 * What comes on before everything else, whatever it costs at the start: alarms that wake people, what
 * keeps somebody alive, a light where one stands at the panel. Good practice.
 */
enum FirstOn: int
{
    case Alarm = 0;
    case Medical = 1;
    case Light = 2;
    case Rest = 3;

    private const ALARM = '/\b(?:smoke|carbon[ \-]monoxide|co|fire)\b.*\b(?:alarm|detector)s?\b|\balarms?\b/i';

    /** Where the panel and the inlet are. */
    private const PLACE = '/\b(?:panel|cellar|basement|garage|utility|mechanical|hall|stairs?|porch)\b/i';

    public static function of(Circuit $circuit): self
    {
        // One text and one pass: it is asked of every breaker at every change.
        $names = $circuit->name;
        $isMedical = false;
        $isLight = $circuit->loads !== [];
        foreach ($circuit->loads as $load) {
            $names .= "\n$load->name";
            $isMedical = $isMedical || $load->kind === LoadKind::Medical;
            $isLight = $isLight && $load->kind === LoadKind::Lighting;
        }

        return match (true) {
            preg_match(self::ALARM, $names) === 1 => self::Alarm,
            $isMedical => self::Medical,
            $isLight && preg_match(self::PLACE, $names) === 1 => self::Light,
            default => self::Rest,
        };
    }

    public static function rank(Circuit $circuit): int
    {
        return self::of($circuit)->value;
    }
}
