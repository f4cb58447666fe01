<?php

declare(strict_types=1);

namespace App\Screens\Pages;

use Underpin\StageKey;

final class ConnectPage extends PlainPage
{
    public function stage(): StageKey
    {
        return StageKey::Connect;
    }

    public function view(): string
    {
        return 'connect.page';
    }
}
