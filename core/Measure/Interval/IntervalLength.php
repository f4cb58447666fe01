<?php

declare(strict_types=1);

namespace Underpin\Measure\Interval;

use Underpin\Csv\Number;
use Underpin\Refused;

/** How long each reading of a table stands for: all as long as the first, but around a change of clocks. */
final class IntervalLength
{
    /** texts that are remembered; one file has a few, a hostile one may have a new one in every line */
    private const MOST_TEXTS = 20_000;

    private ?int $seconds = null;

    /** @var array<string, true> texts that were found to say that */
    private array $lengths = [];

    /** Null: no line has said it. */
    public function seconds(): ?int
    {
        return $this->seconds;
    }

    public function knows(string $text): bool
    {
        return isset($this->lengths[$text]);
    }

    /** @throws Refused on "file", naming the line, where it is not as long as the others */
    public function between(int $line, int $from, int $to, string $pair): void
    {
        $seconds = ($to - $from + 2 * 86_400) % 86_400;
        // Some meters end an interval one minute or second before the next begins.
        $seconds = match ($seconds % 300) {
            299 => $seconds + 1,
            240 => $seconds + 60,
            default => $seconds,
        };
        if ($seconds === 0 && $this->seconds !== null) {
            $seconds = $this->seconds;
        }
        $this->sameLength($line, $seconds);
        $this->remember($pair);
    }

    /** @throws Refused on "file", naming the line, where it is not as long as the others */
    public function said(int $line, string $text): void
    {
        $number = Number::read((string) preg_replace('/\s*[a-z]+\.?\s*$/i', '', $text));
        if (preg_match('/^(\d{1,2}):(\d\d)(?::(\d\d))?$/', trim($text), $found) === 1) {
            $seconds = (int) $found[1] * 3600 + (int) $found[2] * 60 + (int) ($found[3] ?? 0);
        } elseif ($number !== null) {
            // Up to an hour in minutes; a longer figure is seconds, as is one that says so.
            $seconds = (int) ($number > 60
                || preg_match('/\ds|sec/i', $text) === 1
                    ? $number
                    : (preg_match('/h/i', $text) === 1 || $number <= 1 ? $number * 3600 : $number * 60));
        } else {
            throw LineFault::of($line, '"'.mb_substr(mb_scrub($text), 0, 40).'" is no duration; write 15 or 00:15');
        }
        $this->sameLength($line, $seconds);
        $this->remember($text);
    }

    private function sameLength(int $line, int $seconds): void
    {
        if ($this->seconds !== null && $seconds !== $this->seconds) {
            // Around a change of clocks a local end can lie an hour off.
            if (! in_array(abs($seconds - $this->seconds), [3600, 82_800], true)) {
                throw LineFault::of(
                    $line, sprintf('stands for %s minutes among values of %s', round($seconds / 60, 1), round($this->seconds / 60, 1)),
                );
            }

            return;
        }
        $this->seconds = $seconds;
    }

    private function remember(string $text): void
    {
        $this->lengths = count($this->lengths) > self::MOST_TEXTS ? [] : $this->lengths;
        $this->lengths[$text] = true;
    }
}
