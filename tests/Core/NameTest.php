<?php

declare(strict_types=1);

use Underpin\Name;

it('takes names for the same whatever their case, accents and blanks at the end', function (string $one, string $other, bool $same) {
    expect(Name::same($one, $other))->toBe($same)->and(Name::key($one) === Name::key($other))->toBe($same);
})->with([
    ['Main panel', 'MAIN PANEL', true],
    ['Küche', 'kuche', true],
    ['Café  ', 'CAFÉ', true],
    ["Cafe\u{301}", 'Café', true],
    ['Straße', 'STRASSE', true],
    ['Main panel', 'Main panel 2', false],
    ['Barn-1', 'Barn 1', false],
    ['Barn 1', 'Barn1', false],
    ['', 'a', false],
    ['Hall', 'Ha11', false],
]);

it('takes a broken letter for a name of its own', function () {
    expect(Name::same("Barn\xFF", 'Barn'))->toBeFalse()->and(Name::same("Barn\xFF", "BARN\xFF"))->toBeTrue();
});
