<?php

declare(strict_types=1);

use Tests\Support\WaysAloud;

it('says of every way of connecting what it has always said', function () {
    // A change of a sentence is a change of what people are told: it is made in the file too, by hand.
    expect(WaysAloud::text())->toBe((string) file_get_contents(__DIR__.'/golden/ways.txt'));
});
