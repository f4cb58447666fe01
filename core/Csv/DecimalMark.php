<?php

declare(strict_types=1);

namespace Underpin\Csv;

/** What stands between the whole and its fraction; the other one may part the thousands. */
enum DecimalMark: string
{
    case Point = 'point';
    case Comma = 'comma';

    private const BLANKS = "/[\\s\u{A0}\u{202F}']+/u";

    /** Null when it is no number as this mark would have it: "1.506,2" is none with a point, "0,506" is none either. */
    public function read(string $text): ?float
    {
        $plain = (string) preg_replace(['/\s*(?:W|A|VA)\s*$/iu', self::BLANKS], '', $text);
        $parts = $this === self::Point ? ['\.', ','] : [',', '\.'];
        $pattern = "/^[+\\-]?(?:\\d+|[1-9]\\d{0,2}(?:$parts[1]\\d{3})+)?(?:$parts[0]\\d*)?$/";
        if (preg_match($pattern, $plain) !== 1 || preg_match('/\d/', $plain) !== 1 || strlen($plain) >= 30) {
            return null;
        }

        return (float) ($this === self::Point ? str_replace(',', '', $plain) : strtr($plain, [',' => '.', '.' => '']));
    }

    public function words(): string
    {
        return $this === self::Point ? 'point: 1.5' : 'comma: 1,5';
    }
}
