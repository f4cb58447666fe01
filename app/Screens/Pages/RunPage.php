<?php

declare(strict_types=1);

namespace App\Screens\Pages;

use Underpin\StageKey;

final class RunPage extends PlainPage
{
    public function stage(): StageKey
    {
        return StageKey::Run;
    }

    public function view(): string
    {
        return 'run.page';
    }
}
