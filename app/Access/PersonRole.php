<?php

declare(strict_types=1);

namespace App\Access;

/** What somebody is in the shop. */
enum PersonRole: string
{
    case Owner = 'owner';
    case Electrician = 'electrician';
    case Apprentice = 'apprentice';

    public function label(): string
    {
        return ucfirst($this->value);
    }

    public function may(): string
    {
        return match ($this) {
            self::Owner => 'everything, and who belongs to the shop',
            self::Electrician => 'every job and its quotes, the catalogue, the price book, the load library and the local rules',
            self::Apprentice => 'survey, loads, recordings and photos; looks at what was decided, and does not change it',
        };
    }

    /** Answers for a design: may pick what a job is built with, and what the shop picks from. */
    public function decides(): bool
    {
        return match ($this) {
            self::Owner, self::Electrician => true,
            self::Apprentice => false,
        };
    }
}
