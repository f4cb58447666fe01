<?php

declare(strict_types=1);

namespace Underpin\Measure\Interval;

use Underpin\Refused;

/** Times of the day as a table of readings writes them: all local, or all with their distance from UTC. */
final class ClockTimes
{
    private const MOST_TIME = 40;

    /** different times that are remembered; a day has fewer quarter hours, a hostile file may have more */
    private const MOST_TIMES = 20_000;

    /** @var array<string, int> seconds of the day by the text of the time */
    private array $times = [];

    private ?bool $absolute = null;

    /**
     * Seconds of the day; less its distance from UTC where the time says one.
     *
     * @throws Refused on "file", naming the line
     */
    public function secondsOf(int $line, string $text): int
    {
        return $this->times[$text] ?? $this->read($line, $text);
    }

    /** They say how far they are from UTC; null: not seen yet. */
    public function areAbsolute(): ?bool
    {
        return $this->absolute;
    }

    /** Those that say nothing are. */
    public function areLocal(): void
    {
        $this->absolute ??= false;
    }

    private function read(int $line, string $text): int
    {
        if (strlen($text) > self::MOST_TIME) {
            throw LineFault::of($line, '"'.mb_substr(mb_scrub($text), 0, 40).'" is no time');
        }
        if (preg_match(
            '/^\s*(\d{1,2})(?::?(\d\d))?(?::(\d\d)(?:\.\d+)?)?\s*(?:([ap])\.?m\.?)?\s*(Z|UTC|GMT|[+\-]\d\d:?\d\d)?\s*"?$/i', $text, $found,
        ) !== 1
            && trim($text) !== '') {
            throw LineFault::of($line, '"'.mb_substr(mb_scrub($text), 0, 40).'" is no time; write 18:15 or 6:15 PM');
        }
        $hour = (int) ($found[1] ?? 0);
        $half = strtolower($found[4] ?? '');
        if ($half !== '') {
            $hour = $hour % 12 + ($half === 'p' ? 12 : 0);
        }
        $minute = (int) ($found[2] ?? 0);
        $second = (int) ($found[3] ?? 0);
        if ($hour > 24 || $minute > 59 || $second > 59) {
            throw LineFault::of($line, '"'.mb_substr($text, 0, 40).'" is no time of day');
        }
        $zone = strtoupper($found[5] ?? '');
        $absolute = $zone !== '';
        if ($this->absolute !== null && $this->absolute !== $absolute) {
            throw LineFault::of($line, 'some times say how far they are from UTC and others do not');
        }
        $this->absolute = $absolute;
        $seconds = $hour * 3600 + $minute * 60 + $second;
        if ($absolute && preg_match('/^([+\-])(\d\d):?(\d\d)$/', $zone, $away) === 1) {
            $seconds -= ($away[1] === '-' ? -1 : 1) * ((int) $away[2] * 3600 + (int) $away[3] * 60);
        }

        if (count($this->times) > self::MOST_TIMES) {
            $this->times = [];
        }

        return $this->times[$text] = $seconds;
    }
}
