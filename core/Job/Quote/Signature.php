<?php

declare(strict_types=1);

namespace Underpin\Job\Quote;

use Underpin\Refused;

/** A signature as it was drawn: strokes of points on a field of so many units, so that it prints as sharp as it was. */
final readonly class Signature
{
    public const WIDTH = 600;

    public const HEIGHT = 200;

    /** Less is a slip of the finger. */
    private const LEAST_POINTS = 8;

    private const PATTERN = '/^\d{1,3},\d{1,3}( \d{1,3},\d{1,3})*(;\d{1,3},\d{1,3}( \d{1,3},\d{1,3})*)*$/D';

    public const LONGEST = 20_000;

    /**
     * @param  string  $strokes  "x,y x,y;x,y x,y": a stroke between semicolons
     *
     * @throws Refused on "signature"
     */
    public function __construct(public string $strokes)
    {
        if (strlen($strokes) > self::LONGEST || preg_match(self::PATTERN, $strokes) !== 1
            || preg_match_all('/,/', $strokes) < self::LEAST_POINTS) {
            throw new Refused('signature', 'Signature: draw it in the field, with a finger, a pen or the mouse.');
        }
    }

    /** @return list<list<array{float, float}>> the points of each stroke */
    public function points(): array
    {
        return array_map(fn (string $stroke): array => array_map(function (string $at): array {
            [$x, $y] = explode(',', $at);

            return [(float) $x, (float) $y];
        }, explode(' ', $stroke)), explode(';', $this->strokes));
    }
}
