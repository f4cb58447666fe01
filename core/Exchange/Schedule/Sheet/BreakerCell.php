<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule\Sheet;

use Underpin\Job\Circuit;
use Underpin\Job\Protection;

/**
 * A breaker as people write it: "20", "20A", "1P", "20/1", "2P-30", "30A 2P", "15 AFCI", and
 * "15/20" for the two halves of a tandem.
 */
final readonly class BreakerCell
{
    /** No breaker is as small: a smaller number beside another is the poles. */
    private const LEAST_TRIP_A = 10;

    private const POLES = '/\b(?:([123])\s*-?\s*p(?:oles?)?|(sp|single[ \-]?pole)|(dp|double[ \-]?pole|two[ \-]?pole))(?![a-z])/';

    private const PROTECTIONS = [
        'dual' => '/\b(?:dual(?:[ \-]?function)?|df|dfci|c?afci\s*[\/+&]\s*gfc?i|gfc?i\s*[\/+&]\s*c?afci)\b/',
        'afci' => '/\b(?:c?afci|arc[ \-]?fault|af)\b/',
        'gfci' => '/\b(?:gfci|gfi|gfpe|ground[ \-]?fault|gf)\b/',
    ];

    /**
     * @param  list<int>  $amps  one; two for the halves of a tandem; none
     * @param  list<string>  $order  what stands in the cell, from the left: amps, poles, protection
     */
    private function __construct(public array $amps, public ?int $poles, public ?Protection $protection, public array $order)
    {
    }

    /** Null: nothing of a breaker, or more than one. */
    public static function read(string $cell): ?self
    {
        $plain = trim(mb_strtolower($cell));
        $order = [];
        $protection = null;
        foreach (self::PROTECTIONS as $word => $pattern) {
            if ($protection === null && preg_match($pattern, $plain, $found, PREG_OFFSET_CAPTURE) === 1) {
                $protection = Protection::from($word);
                $order['protection'] = $found[0][1];
                $plain = substr_replace($plain, str_repeat(' ', strlen($found[0][0])), $found[0][1], strlen($found[0][0]));
            }
        }
        $poles = null;
        if (preg_match(self::POLES, $plain, $found, PREG_OFFSET_CAPTURE) === 1) {
            $poles = match (true) {
                $found[1][0] !== '' => (int) $found[1][0],
                $found[2][0] !== '' => 1,
                default => 2,
            };
            $order['poles'] = $found[0][1];
            $plain = substr_replace($plain, str_repeat(' ', strlen($found[0][0])), $found[0][1], strlen($found[0][0]));
        }
        $plain = trim($plain, " \t-/,;()");
        if ($plain === '') {
            return $order === [] ? null : self::of([], $poles, $protection, $order);
        }
        if (preg_match('/^(\d{1,3})\s*(?:a|amps?|amp\.)?(?:\s*[\/\-x]\s*(\d{1,3})\s*(?:a|amps?)?)?$/', $plain, $found) !== 1) {
            return null;
        }
        $order['amps'] = strpos(mb_strtolower($cell), $found[1]) ?: 0;

        return self::numbers((int) $found[1], isset($found[2]) ? (int) $found[2] : null, $poles, $protection, $order);
    }

    /** @param  array<string, int>  $order  by where it stands */
    private static function numbers(int $first, ?int $second, ?int $poles, ?Protection $protection, array $order): ?self
    {
        if ($second === null) {
            return self::isTrip($first) ? self::of([$first], $poles, $protection, $order) : null;
        }
        if (self::isTrip($first) && $first >= self::LEAST_TRIP_A && $second >= 1 && $second <= 3 && $poles === null) {
            return self::of([$first], $second, $protection, $order + ['poles' => $order['amps'] + 1]);
        }
        if (self::isTrip($second) && $second >= self::LEAST_TRIP_A && $first >= 1 && $first <= 3 && $poles === null) {
            return self::of([$second], $first, $protection, ['poles' => $order['amps'] - 1] + $order);
        }

        return self::isTrip($first) && self::isTrip($second) && min($first, $second) >= self::LEAST_TRIP_A && $poles !== 2
            ? self::of([$first, $second], 1, $protection, $order)
            : null;
    }

    private static function isTrip(int $amps): bool
    {
        return $amps >= Circuit::LEAST_A && $amps <= Circuit::MOST_A;
    }

    /**
     * @param  list<int>  $amps
     * @param  array<string, int>  $order
     */
    private static function of(array $amps, ?int $poles, ?Protection $protection, array $order): self
    {
        asort($order);

        return new self($amps, $poles, $protection, array_keys($order));
    }
}
