<?php

declare(strict_types=1);

namespace Underpin\Drawing\Writer;

/** Words within markup. */
final class Markup
{
    public static function text(string $words): string
    {
        return htmlspecialchars($words, ENT_QUOTES | ENT_SUBSTITUTE);
    }
}
