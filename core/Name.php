<?php

declare(strict_types=1);

namespace Underpin;

use Collator;

/**
 * Whether two names name the same thing, as the database compares them: whatever their case and their
 * accents, with or without blanks at the end ("Küche ", "KUCHE").
 */
final class Name
{
    /** What the database tells apart and a dictionary does not: letters with a stroke or a dot, and the soft hyphen. */
    private const APART = [
        'Đ' => 'D¦', 'đ' => 'd¦', 'Ð' => 'D¦¦', 'ð' => 'd¦¦', 'Ħ' => 'H¦', 'ħ' => 'h¦', 'Ł' => 'L¦', 'ł' => 'l¦', 'Ø' => 'O¦', 'ø' => 'o¦',
        'Ŧ' => 'T¦', 'ŧ' => 't¦', 'Ŀ' => 'L¦¦', 'ŀ' => 'l¦¦', "\u{AD}" => '¦¦¦',
    ];

    public static function same(string $one, string $other): bool
    {
        return $one === $other || self::key($one) === self::key($other);
    }

    /** The same bytes for names that are the same; not for people to read. */
    public static function key(string $name): string
    {
        /** @var ?Collator $collator */
        static $collator = null;
        if ($collator === null) {
            $collator = new Collator('root');
            $collator->setStrength(Collator::PRIMARY);
        }

        return (string) $collator->getSortKey(strtr(rtrim(mb_scrub($name), ' '), self::APART));
    }
}
