<?php

declare(strict_types=1);

namespace App\Access;

use Illuminate\Support\Carbon;

/** A browser that somebody is signed in with. */
final readonly class Device
{
    public function __construct(
        public string $name,
        public string $words,
        public string $address,
        public Carbon $last,
        public bool $isHere,
    ) {
    }

    /** What a browser says of itself, in a word: the rest is nobody's business and often untrue. */
    public static function words(string $agent): string
    {
        return match (true) {
            $agent === '' => 'an unknown device',
            stripos($agent, 'tablet') !== false => 'a tablet',
            stripos($agent, 'mobile') !== false => 'a phone',
            default => 'a computer',
        };
    }
}
