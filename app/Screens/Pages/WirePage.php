<?php

declare(strict_types=1);

namespace App\Screens\Pages;

use Underpin\StageKey;

final class WirePage extends PlainPage
{
    public function stage(): StageKey
    {
        return StageKey::Wire;
    }

    public function view(): string
    {
        return 'wire.page';
    }
}
