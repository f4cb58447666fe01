<?php

declare(strict_types=1);

namespace App\Screens\Pages;

use Underpin\StageKey;

final class PlacePage extends PlainPage
{
    public function stage(): StageKey
    {
        return StageKey::PlaceAndFuel;
    }

    public function view(): string
    {
        return 'place.page';
    }

    public function isDecided(): bool
    {
        return false;
    }

    public function script(): string
    {
        return 'resources/js/place/page.js';
    }
}
