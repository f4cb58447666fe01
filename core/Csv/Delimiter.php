<?php

declare(strict_types=1);

namespace Underpin\Csv;

/** What parts the cells of a table that goes out. */
enum Delimiter: string
{
    case Comma = 'comma';
    case Semicolon = 'semicolon';
    case Tab = 'tab';

    public function character(): string
    {
        return match ($this) {
            self::Comma => ',',
            self::Semicolon => ';',
            self::Tab => "\t",
        };
    }
}
