<?php

declare(strict_types=1);

use Tests\Support\SixHouses;
use Tests\Support\WaysAloud;

// A change of a sentence is a change of what people are told: it is made in the file too, by hand.

it('says of every way of connecting what it has always said', function () {
    expect(WaysAloud::text())->toBe((string) file_get_contents(__DIR__.'/golden/ways.txt'));
});

it('says of six houses, from their figures to their cards, what was read aloud', function () {
    expect(SixHouses::text())->toBe((string) file_get_contents(__DIR__.'/golden/houses.txt'));
});
