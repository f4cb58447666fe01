<?php

declare(strict_types=1);

namespace Underpin\Loads\Library;

use Underpin\Csv\Number;

/**
 * What somebody wrote on a door, in plain words without plural and small words, and the size that it says:
 * "Water heater 4500W", "1/2 HP sump", "A/C 3 ton", "EV 48A".
 */
final readonly class SaidName
{
    /** how some things are written, and the one word that is compared */
    private const SAME = [
        '/\ba\/c\b/' => 'ac', '/\bd\/w\b/' => 'dw', '/\bwi-?\s?fi\b/' => 'wifi', '/\bw\/d\b/' => 'washer, dryer', '/\bw\/h\b/' => 'wh',
        '/\brm\b/' => 'room', '/\bbsmt\b/' => 'basement', '/\bbd?rm\b/' => 'bedroom', '/\bair-?con\b/' => 'ac',
        '/\bh\.?w\.?h\.?(?=\s|$)/' => 'hwh',
    ];

    private const HORSEPOWER = '/(?:(\d+)[\s-]+)?(?:(\d+)\/(\d+)|(\d+(?:\.\d+)?))\s*-?\s*(?:hp|horsepower)\b/';

    private const WATTS = '/(\d[\d,]*(?:\.\d+)?)\s*-?\s*(k?)(?:w|watts?)\b/';

    private const TONS = '/(\d+(?:\.\d+)?)\s*-?\s*tons?\b/';

    private const AMPS = '/(\d{1,3})\s*-?\s*(?:a|amps?)\b/';

    private const BETWEEN = '~\s*(?:[,;&+]|/|\band\b|\bwith\b)\s*~';

    private const SMALL = ['the', 'of', 'for', 'in', 'on', 'a', 'an', 'to', 'by', 'at', 'and', 'with', 'or', 'main', 'new', 'old', 'hp',
        'one'];

    private const PANELS = ['feeder', 'subpanel', 'sub', 'panel', 'feed'];

    private const OTHER_PANELS = ['alarm', 'security', 'control', 'fire'];

    /** words that say something only beside another: "Bedroom 1 and 2 outlets" is one thing */
    private const GENERAL = ['outlet', 'light', 'receptacle', 'plug', 'lighting', 'circuit', 'north', 'south', 'east', 'west', 'left',
        'right'];

    /**
     * @param  list<string>  $words  lower case, in the order they were written
     * @param  ?float  $hp  horsepower
     * @param  ?float  $tons  of cooling
     * @param  ?float  $amps  of the thing, not of its breaker
     */
    private function __construct(
        public array $words, public ?float $watts, public ?float $hp, public ?float $tons, public ?float $amps,
    ) {
    }

    public static function of(string $text): self
    {
        $plain = self::plain($text);
        $hp = self::take(self::HORSEPOWER, $plain, fn (array $f): float => (float) ($f[1] ?? 0) + (
            ($f[4] ?? '') !== '' ? (float) $f[4] : (float) $f[2] / max(1.0, (float) $f[3])
        ));
        $watts = self::take(
            self::WATTS, $plain, fn (array $f): float => (float) str_replace(',', '', $f[1]) * ($f[2] === 'k' ? 1000 : 1),
        );
        $tons = self::take(self::TONS, $plain, fn (array $f): float => (float) $f[1]);
        $amps = self::take(self::AMPS, $plain, fn (array $f): float => (float) $f[1]);

        return new self(self::words($plain), $watts, $hp, $tons, $amps);
    }

    /**
     * The things that one line of a door names, each by itself: "Office and router" are two.
     *
     * @return list<self>
     */
    public static function partsOf(string $text): array
    {
        // A fraction is no pair of things.
        $whole = (string) preg_replace('~(\d)/(\d)~', "$1\u{2044}$2", self::plain($text));
        $parts = [];
        foreach (preg_split(self::BETWEEN, $whole) ?: [] as $part) {
            $part = str_replace("\u{2044}", '/', $part);
            $words = self::of($part)->words;
            if ($parts !== [] && array_diff($words, self::GENERAL) === []) {
                $parts[array_key_last($parts)] .= " $part";
            } elseif ($words !== []) {
                $parts[] = $part;
            }
        }

        return array_map(self::of(...), $parts);
    }

    /** It feeds a panel: its name says where that stands, not what hangs on it. An alarm panel is a thing by itself. */
    public function isOfPanel(): bool
    {
        return array_intersect($this->words, self::PANELS) !== [] && array_intersect($this->words, self::OTHER_PANELS) === [];
    }

    /** The name of a load with the size that is said here in place of its own: a pump of 1.5 hp is not called one of 1 hp. */
    public function sizing(string $name): string
    {
        $sizes = ['hp' => [self::HORSEPOWER, $this->hp], 'ton' => [self::TONS, $this->tons], 'A' => [self::AMPS, $this->amps]];
        foreach ($sizes as $unit => [$pattern, $size]) {
            $name = (string) preg_replace($pattern.'i', $size === null ? '' : Number::write($size)." $unit", $name);
        }

        return rtrim($name, ', ');
    }

    /** How far the size that is said here is from that of another; 0 where either says none. */
    public function farFrom(self $other): float
    {
        $between = fn (?float $one, ?float $two): float => $one === null || $two === null ? 0.0 : abs($one - $two);

        return $between($this->hp, $other->hp) + $between($this->tons, $other->tons) + $between($this->amps, $other->amps);
    }

    private static function plain(string $text): string
    {
        return (string) preg_replace(array_keys(self::SAME), array_values(self::SAME), mb_strtolower(trim($text)));
    }

    /**
     * @param  callable(array<string>): float  $read
     *
     * @param-out  string  $plain  without what was taken
     */
    private static function take(string $pattern, string &$plain, callable $read): ?float
    {
        if (preg_match($pattern, $plain, $found) !== 1) {
            return null;
        }
        $plain = str_replace($found[0], ' ', $plain);
        $number = $read($found);

        return $number > 0 ? $number : null;
    }

    /** @return list<string> */
    private static function words(string $plain): array
    {
        $words = [];
        foreach (preg_split('/[^\p{L}\p{N}]+/u', $plain) ?: [] as $word) {
            // One that ends in a plain s is its plural: "lights", "fans"; "gas" and "glass" are not.
            $stem = strlen($word) > 3 && preg_match('/[^su]s$/', $word) === 1 ? substr($word, 0, -1) : $word;
            if ($stem !== '' && ! is_numeric($stem) && ! in_array($stem, self::SMALL, true)) {
                $words[] = $stem;
            }
        }

        return $words;
    }
}
